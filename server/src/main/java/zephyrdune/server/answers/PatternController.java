package zephyrdune.server.answers;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.PatternFile;
import zephyrdune.formats.SetFormat;
import zephyrdune.formats.TemplatePdf;
import zephyrdune.formats.TemplateSvg;
import zephyrdune.server.http.FileAnswer;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;

/** Patterns from drawings, and back to paper. */
@RestController
@Tag(name = "shaping")
class PatternController {

    private final ComputeLimiter computing;

    PatternController(ComputeLimiter computing) {
        this.computing = computing;
    }

    /** A pattern as the part of a card that it becomes. */
    record PatternAnswer(
            @Schema(ref = "#/components/schemas/OwnHoles") JsonNode holes) {}

    /** Kinds of template files. */
    enum TemplateKind {
        SVG,
        PDF
    }

    @PostMapping(value = "/api/pattern-files", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @Operation(
            operationId = "openPatternFile",
            summary = "Read a pattern from an SVG drawing or a black-and-white PNG picture; nothing is saved")
    CompletableFuture<PatternAnswer> open(
            @RequestParam String name,
            @RequestParam double widthMetres,
            @RequestParam PatternFile.Open open,
            HttpServletRequest request)
            throws IOException {
        byte[] file = request.getInputStream().readNBytes(PatternFile.LONGEST_FILE + 1);
        return computing.slowly(() -> {
            try {
                return new PatternAnswer(SetFormat.part(PatternFile.read(file, name, widthMetres, open)));
            } catch (BadFile e) {
                throw new CompletionException(e);
            }
        });
    }

    @PostMapping("/api/template-files")
    @Operation(
            operationId = "templateFile",
            summary = "A card's cutting template at true size, as SVG or as PDF on A4 pages")
    @FileAnswer
    CompletableFuture<ResponseEntity<byte[]>> template(
            @RequestParam int card, @RequestParam TemplateKind kind, @RequestBody TableSet set) {
        Card cut = set.card(card);
        String title = "%s, card %d".formatted(set.title(), card + 1);
        return computing
                .slowly(
                        set,
                        () -> kind == TemplateKind.SVG ? TemplateSvg.write(title, cut) : TemplatePdf.write(title, cut))
                .thenApply(PictureController::attachment);
    }
}
