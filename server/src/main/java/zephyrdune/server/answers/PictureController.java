package zephyrdune.server.answers;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.function.DoubleConsumer;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.answers.highlight.Highlight;
import zephyrdune.formats.LayersFile;
import zephyrdune.formats.PngFile;
import zephyrdune.formats.RadianceFile;
import zephyrdune.formats.SetSheetPdf;
import zephyrdune.formats.SheetLengths;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.picture.Denoiser;
import zephyrdune.render.picture.Difference;
import zephyrdune.render.picture.EdgeProfile;
import zephyrdune.render.picture.Film;
import zephyrdune.render.picture.Mix;
import zephyrdune.render.picture.Picture;
import zephyrdune.render.picture.PictureStops;
import zephyrdune.render.picture.RollOff;
import zephyrdune.render.picture.SmallPicture;
import zephyrdune.render.picture.Switched;
import zephyrdune.render.picture.ThingsInFrame;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.server.http.FileAnswer;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.Refused;

/** What can be measured on a picture, and pictures as files. */
@RestController
@Tag(name = "pictures")
class PictureController {

    private final ComputeLimiter computing;
    private final PictureProgress progress;

    PictureController(ComputeLimiter computing, PictureProgress progress) {
        this.computing = computing;
        this.progress = progress;
    }

    private static final int STOP_COLUMNS = 121;
    private static final int THING_COLUMNS = 150;
    private static final int FILE_WIDTH = 900;
    private static final int FILE_PASSES = 24;
    private static final int FEWEST_PASSES = 6;
    private static final int LEAST_WIDTH = 120;
    private static final int MOST_WIDTH = 2400;

    private static final int SMALL_WIDTH = 480;
    private static final int SMALL_PASSES = 6;

    /** Kinds of picture files: 8-bit PNG, a small and smoothed one to look at, 16-bit PNG, linear Radiance, all layers in a ZIP archive, and
     * a set sheet with what to measure and set as PDF. */
    enum FileKind {
        PNG,
        SMALL_PNG,
        DEEP_PNG,
        RADIANCE,
        LAYERS,
        SET_SHEET
    }

    /** Light over the table as the picture shows it: stops from the hero in hundredths, row by row from the top. */
    record PictureStopsAnswer(int columns, int rows, List<Integer> stopHundredths) {}

    record ProfilePoint(double along, double lightStops, double open) {}

    /** Width in metres; left out where the line does not reach both a tenth and nine tenths of the key's open light. */
    record ProfileAnswer(List<ProfilePoint> points, Optional<Double> width, double depthStops) {}

    /** Two sets to be compared. */
    record Pair(TableSet first, TableSet second) {}

    /** How much brighter the first is, in hundredths of a stop, row by row from the top. */
    record DifferenceAnswer(int width, int height, int[] stopHundredths) {}

    @PostMapping("/api/picture-stops")
    @Operation(
            operationId = "pictureStops",
            summary = "Light over the table as the picture shows it; null where the picture shows something else")
    CompletableFuture<PictureStopsAnswer> stops(@RequestBody TableSet set) {
        return computing.quickly(set, () -> answer(PictureStops.of(set, STOP_COLUMNS, rows(set, STOP_COLUMNS))));
    }

    private static PictureStopsAnswer answer(PictureStops found) {
        List<Integer> hundredths = new ArrayList<>();
        for (float stops : found.stops()) {
            hundredths.add(Float.isNaN(stops) ? null : Integer.valueOf(hundredths(stops)));
        }
        return new PictureStopsAnswer(found.columns(), found.rows(), hundredths);
    }

    private static int hundredths(float stops) {
        return Math.round(100 * Math.max(-99, Math.min(99, stops)));
    }

    /** What the frame shows where; cells row by row from the top, each the number of a thing in the list or -1. */
    record ThingsAnswer(int columns, int rows, List<ThingsInFrame.Thing> things, int[] cells) {}

    @PostMapping("/api/things-in-frame")
    @Operation(operationId = "thingsInFrame", summary = "What the frame shows where, to point at it")
    CompletableFuture<ThingsAnswer> things(@RequestBody TableSet set) {
        return computing.quickly(set, () -> answer(ThingsInFrame.of(set, THING_COLUMNS, rows(set, THING_COLUMNS))));
    }

    private static ThingsAnswer answer(ThingsInFrame seen) {
        return new ThingsAnswer(seen.columns(), seen.rows(), seen.things(), seen.cells());
    }

    /** Rows for so many columns, by the sensor's shape. */
    private static int rows(TableSet set, int columns) {
        double aspect = set.camera().sensorHeight() / set.camera().sensorWidth();
        return (int) Math.max(2, Math.min(2.0 * columns, Math.round(columns * aspect)));
    }

    @PostMapping("/api/profiles")
    @Operation(
            operationId = "profile",
            summary =
                    "Light along a line over the picture, from 0 to 1 across and down; lengths in metres on the surface")
    CompletableFuture<ProfileAnswer> profile(
            @RequestParam double fromAcross,
            @RequestParam double fromDown,
            @RequestParam double toAcross,
            @RequestParam double toDown,
            @RequestBody TableSet set) {
        return computing.quickly(set, () -> answer(EdgeProfile.of(set, fromAcross, fromDown, toAcross, toDown)));
    }

    private static ProfileAnswer answer(EdgeProfile profile) {
        return new ProfileAnswer(
                profile.points().stream()
                        .map(point -> new ProfilePoint(point.along(), Math.max(-99, point.light()), point.open()))
                        .toList(),
                profile.width().stream().boxed().findFirst(),
                profile.depth());
    }

    @PostMapping("/api/differences")
    @Operation(operationId = "difference", summary = "How much brighter one set's picture is than another's, in stops")
    CompletableFuture<DifferenceAnswer> difference(@RequestBody Pair pair) {
        return computing.picture(pair.first(), () -> answer(Difference.of(pair.first(), pair.second())));
    }

    private static DifferenceAnswer answer(Difference difference) {
        int[] hundredths = new int[difference.stops().length];
        for (int i = 0; i < hundredths.length; i++) {
            hundredths[i] = hundredths(difference.stops()[i]);
        }
        return new DifferenceAnswer(difference.width(), difference.height(), hundredths);
    }

    /**
     * The image of the key in a shiny hero, as it lies in the frame.
     *
     * @param across of its middle from the left edge, 0 to 1
     * @param down of its middle from the upper edge, likewise
     * @param frameShare its longer side over the frame's width
     * @param aboveStops over half of what is seen of the hero
     */
    record HighlightAnswer(
            double across,
            double down,
            double frameShare,
            double lengthMetres,
            double widthMetres,
            double aboveStops,
            double roughness) {

        static HighlightAnswer of(TableSet set, Highlight highlight) {
            Vector3D seen = Perspective.of(set).project(highlight.place());
            return new HighlightAnswer(
                    seen.getX(),
                    seen.getY(),
                    highlight.length() / set.camera().framedWidth(),
                    highlight.length(),
                    highlight.width(),
                    highlight.above(),
                    highlight.roughness());
        }
    }

    /** Null where the hero is matte or mirrors no light to the camera. */
    record HighlightsAnswer(@Schema(nullable = true) HighlightAnswer highlight) {}

    @PostMapping("/api/highlights")
    @Operation(
            operationId = "highlight",
            summary = "Where the frame shows the largest image of the key in a shiny hero, and how large it is")
    CompletableFuture<HighlightsAnswer> highlight(@RequestBody TableSet set) {
        return computing.quickly(
                set,
                () -> new HighlightsAnswer(Highlight.of(set, Mix.of(set, Set.of()))
                        .map(found -> HighlightAnswer.of(set, found))
                        .orElse(null)));
    }

    @PostMapping("/api/picture-files")
    @Operation(
            operationId = "pictureFile",
            summary =
                    "The picture as a file, traced to the end: seconds of work, some minutes at 2400 pixels; layers named are left out, highlights of 8-bit pictures roll off unless they are not to; under a name of one's own its progress can be asked for")
    @FileAnswer
    CompletableFuture<ResponseEntity<byte[]>> file(
            @RequestParam FileKind kind,
            @RequestParam(defaultValue = "") List<String> off,
            @RequestParam(name = "width") Optional<Integer> wanted,
            @RequestParam Optional<UUID> name,
            @RequestParam(defaultValue = "true") boolean rollOff,
            @RequestParam(defaultValue = "CENTIMETRES") SheetLengths lengths,
            @RequestParam(defaultValue = "")
                    @Parameter(description = "Of the set's page at the stand, as a code on its sheet")
                    String address,
            @RequestBody TableSet set) {
        int width = wanted.orElse(kind == FileKind.SMALL_PNG ? SMALL_WIDTH : FILE_WIDTH);
        if (width < LEAST_WIDTH || width > MOST_WIDTH) {
            throw new Refused("width", "A picture is %d to %d pixels wide".formatted(LEAST_WIDTH, MOST_WIDTH));
        }
        DoubleConsumer told = name.map(progress::of).orElse(share -> {});
        return computing
                .picture(
                        set,
                        () -> traced(
                                kind,
                                Switched.of(set, Set.copyOf(off)),
                                width,
                                rollOff,
                                new Sheet(lengths, address),
                                told))
                .whenComplete((bytes, failure) -> name.ifPresent(progress::done))
                .thenApply(PictureController::attachment);
    }

    /** How far a picture file has come, 0 to 1; null for one that is not being traced. */
    record ProgressAnswer(
            @Schema(types = {"number", "null"}) Double share) {}

    @GetMapping("/api/picture-files/{name}/progress")
    @Operation(operationId = "pictureProgress", summary = "How far a picture file has come that is being traced")
    ProgressAnswer progress(@PathVariable UUID name) {
        OptionalDouble share = progress.share(name);
        return new ProgressAnswer(share.isPresent() ? share.getAsDouble() : null);
    }

    /** A file to be kept, not shown. */
    static ResponseEntity<byte[]> attachment(byte[] bytes) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment")
                .body(bytes);
    }

    /** How a set sheet is written. */
    private record Sheet(SheetLengths lengths, String address) {}

    private static byte[] traced(
            FileKind kind, Switched switched, int width, boolean rollOff, Sheet sheet, DoubleConsumer progress) {
        if (kind == FileKind.SMALL_PNG) {
            return png(SmallPicture.of(switched, width, SMALL_PASSES), rollOff);
        }
        TableSet set = switched.set();
        Film film = new Film(set, width, rows(set, width), false);
        Mix mix = Mix.of(set, switched.off());
        int passes = kind == FileKind.SET_SHEET ? FEWEST_PASSES : passes(width);
        for (int pass = 0; pass < passes; pass++) {
            film.wholePass(SampleBudget.USUAL);
            progress.accept((pass + 1.0) / passes);
        }
        return switch (kind) {
            case DEEP_PNG -> PngFile.writeDeep(film.picture(mix));
            case RADIANCE -> RadianceFile.write(film.picture(mix), set.title());
            case LAYERS -> LayersFile.write(film, mix, set.title());
            case SET_SHEET ->
                SetSheetPdf.write(set, rolledOff(Denoiser.of(film, mix), rollOff), sheet.lengths(), sheet.address());
            default -> png(Denoiser.of(film, mix), rollOff);
        };
    }

    private static byte[] png(Picture picture, boolean rollOff) {
        return PngFile.write(rolledOff(picture, rollOff));
    }

    private static Picture rolledOff(Picture picture, boolean rollOff) {
        return rollOff ? RollOff.of(picture) : picture;
    }

    /** Fewer for what is larger: as much work for the same part of the frame, down to what can be smoothed. */
    private static int passes(int width) {
        double larger = (double) width / FILE_WIDTH;
        return (int) Math.max(FEWEST_PASSES, Math.min(FILE_PASSES, Math.round(FILE_PASSES / (larger * larger))));
    }
}
