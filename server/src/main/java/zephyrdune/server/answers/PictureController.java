package zephyrdune.server.answers;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.formats.PngFile;
import zephyrdune.picture.Quality;
import zephyrdune.table.TableSet;

@RestController
@Tag(name = "answers")
class PictureController {

    enum Sharpness {
        DRAFT(Quality.DRAFT),
        FINE(Quality.FINE);

        private final Quality quality;

        Sharpness(Quality quality) {
            this.quality = quality;
        }
    }

    private final PictureDesk desk;

    PictureController(PictureDesk desk) {
        this.desk = desk;
    }

    @DeleteMapping("/api/views/{view}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(operationId = "closeView", summary = "No more pictures of a view are wanted")
    void close(@PathVariable String view) {
        desk.close(view);
    }

    @PostMapping(value = "/api/picture", produces = MediaType.IMAGE_PNG_VALUE)
    @Operation(
            operationId = "picture",
            summary = "What the camera sees, as a PNG; 409 when a later turn of the same view has been asked for")
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = "image/png", schema = @Schema(type = "string", format = "binary")))
    byte[] picture(
            @RequestParam String view,
            @RequestParam long turn,
            @RequestParam Sharpness sharpness,
            @RequestBody TableSet set)
            throws InterruptedException {
        return PngFile.write(desk.picture(view, turn, set, sharpness.quality));
    }
}
