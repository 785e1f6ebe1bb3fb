package zephyrdune.server.answers;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zephyrdune.answers.fill.CardFill;
import zephyrdune.answers.fill.SecondLight;
import zephyrdune.answers.finding.Finding;
import zephyrdune.answers.move.CardPlace;
import zephyrdune.answers.move.CardSlide;
import zephyrdune.answers.move.Lever;
import zephyrdune.answers.move.Sharper;
import zephyrdune.answers.move.SlitPlacing;
import zephyrdune.answers.move.SoftSun;
import zephyrdune.answers.steps.Step;
import zephyrdune.formats.ReadingsFile;
import zephyrdune.render.trace.Layers;
import zephyrdune.server.work.ComputeLimiter;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Piece;
import zephyrdune.units.measure.Refused;

/** What is put round the dish after the light is placed: cards, flags, patterns, and what they spoil. */
@RestController
@Tag(name = "shaping", description = "Cards, flags, slits and patterns")
class ShapingController {

    private static final String DARK = "" + SlitPlacing.DARK;

    private final ComputeLimiter computing;

    ShapingController(ComputeLimiter computing) {
        this.computing = computing;
    }

    /** Something that spoils the picture, perhaps whatever that is to look like; what can be tried, and the set after it: null where there is nothing to try. */
    record FindingAnswer(
            Finding.Kind kind,
            boolean ruinous,
            String field,
            String words,
            String action,
            @Schema(nullable = true) TableSet set) {

        static FindingAnswer of(Finding finding) {
            return new FindingAnswer(
                    finding.kind(),
                    finding.kind().ruinous(),
                    ReadingsFile.field(finding.field()),
                    finding.words(),
                    finding.action(),
                    finding.tried().orElse(null));
        }
    }

    /** A frame of the set with some of its lights and cards away; layers of its picture to leave out; readings, null where none. */
    record StepAnswer(
            Step.Kind kind,
            String words,
            TableSet set,
            List<String> off,
            @Schema(types = {"number", "null"}) Double litToShadowStops,
            @Schema(types = {"number", "null"}) Double shadowDepthStops) {

        static StepAnswer of(Step step) {
            return new StepAnswer(
                    step.kind(),
                    step.kind().words(),
                    step.set(),
                    step.off().stream().sorted().map(Layers::word).toList(),
                    AdviceController.nullable(step.litToShadow()),
                    AdviceController.nullable(step.shadowDepth()));
        }
    }

    /** A mirrored light and the corners of its patch on the table. */
    record SecondLightAnswer(Point light, Point middle, List<Point> patch) {

        static SecondLightAnswer of(SecondLight second) {
            return new SecondLightAnswer(
                    Point.of(second.light()),
                    Point.of(second.middle()),
                    second.patch().stream().map(Point::of).toList());
        }
    }

    /** What one card adds, in stops; null where there is no light. */
    record CardFillAnswer(
            @Schema(types = {"number", "null"}) Double litSideStops,
            @Schema(types = {"number", "null"}) Double shadowSideStops,
            @Schema(types = {"number", "null"}) Double topStops,
            @Schema(types = {"number", "null"}) Double unseenFromMetres,
            Optional<SecondLightAnswer> secondLight) {

        static CardFillAnswer of(CardFill effect) {
            return new CardFillAnswer(
                    AdviceController.nullable(effect.litSide()),
                    AdviceController.nullable(effect.shadowSide()),
                    AdviceController.nullable(effect.top()),
                    AdviceController.nullable(effect.unseenFrom()),
                    effect.secondLight().map(SecondLightAnswer::of));
        }
    }

    /** Where the middle of a card slides along the beam, and how far from the aim point its ends and the card are. */
    record CardSlideAnswer(Point near, Point far, double nearestMetres, double farthestMetres, double nowMetres) {

        static CardSlideAnswer of(CardSlide slide) {
            return new CardSlideAnswer(
                    Point.of(slide.near()), Point.of(slide.far()), slide.nearest(), slide.farthest(), slide.now());
        }
    }

    /** The way of a card along the beam: null for one that only fills, or has no room to slide. */
    record CardSlidesAnswer(@Schema(nullable = true) CardSlideAnswer slide) {}

    /** Boards that leave a slit; all is null where no slit does what is wanted, the backdrop alone where no key reaches it. */
    record SlitAnswer(
            @Schema(nullable = true) TableSet set,
            @Schema(types = {"number", "null"}) Double gapMetres,
            @Schema(types = {"number", "null"}) Double stripMetres,
            @Schema(types = {"number", "null"}) Double backdropStops) {

        static final SlitAnswer NONE = new SlitAnswer(null, null, null, null);

        static SlitAnswer of(SlitPlacing placing) {
            Double backdrop = Double.isFinite(placing.backdrop()) ? placing.backdrop() : null;
            return new SlitAnswer(placing.set(), placing.gap(), placing.strip(), backdrop);
        }
    }

    /** One of the moves that sharpen a pattern. */
    record SharperAnswer(Lever lever, TableSet set, double metres, List<AdviceController.ChangeAnswer> changes) {

        static SharperAnswer of(Sharper move) {
            return new SharperAnswer(
                    move.lever(),
                    move.set(),
                    move.metres(),
                    move.changes().stream()
                            .map(AdviceController.ChangeAnswer::of)
                            .toList());
        }
    }

    /** The pattern of a card: closed lines of across and up in turn from its middle, metres; what they hold is open, or stands. */
    record CutAnswer(double widthMetres, double heightMetres, boolean standing, List<double[]> pieces) {

        static CutAnswer of(Card card) {
            return new CutAnswer(
                    card.width(),
                    card.height(),
                    card.cut().holes().standing(),
                    card.cut().pieces(card.width(), card.height()).stream()
                            .map(Piece::corners)
                            .toList());
        }
    }

    @PostMapping("/api/findings")
    @Operation(
            operationId = "findings",
            summary = "What spoils the picture, the worst first, three at most, each with something that mends it")
    CompletableFuture<List<FindingAnswer>> findings(
            @RequestParam Optional<Finding.Kind> kind, @RequestBody TableSet set) {
        return computing.slowly(
                set,
                () -> kind.map(one -> Finding.of(set, one).stream().toList()).orElseGet(() -> Finding.of(set)).stream()
                        .map(FindingAnswer::of)
                        .toList());
    }

    @PostMapping("/api/steps")
    @Operation(
            operationId = "steps",
            summary = "The frames that are kept to understand a set: key, cards, base, pattern")
    CompletableFuture<List<StepAnswer>> steps(@RequestBody TableSet set) {
        return computing.slowly(
                set, () -> Step.of(set).stream().map(StepAnswer::of).toList());
    }

    @PostMapping("/api/card-fills")
    @Operation(
            operationId = "cardFill",
            summary = "What one card adds to the hero's sides and top, and where it is seen")
    CompletableFuture<CardFillAnswer> cardFill(@RequestParam int card, @RequestBody TableSet set) {
        return computing.slowly(set, () -> CardFillAnswer.of(CardFill.of(set, card)));
    }

    @PostMapping("/api/card-cuts")
    @Operation(operationId = "cardCut", summary = "The pattern cut into one card, for drawing it")
    CutAnswer cut(@RequestParam int card, @RequestBody TableSet set) {
        return CutAnswer.of(set.card(card));
    }

    @PostMapping("/api/card-places")
    @Operation(operationId = "placeCard", summary = "The set with one card in a usual place")
    CompletableFuture<TableSet> place(
            @RequestParam int card, @RequestParam CardPlace place, @RequestBody TableSet set) {
        return computing.quickly(set, () -> place.put(set, card));
    }

    @PostMapping("/api/card-slides")
    @Operation(
            operationId = "cardSlide",
            summary = "The way of a card that cuts the light along the beam, from near the dish to near the light")
    CompletableFuture<CardSlidesAnswer> slide(@RequestParam int card, @RequestBody TableSet set) {
        return computing.quickly(
                set,
                () -> new CardSlidesAnswer(
                        CardSlide.of(set, card).map(CardSlideAnswer::of).orElse(null)));
    }

    @PostMapping("/api/slit-placings")
    @Operation(
            operationId = "placeSlit",
            summary = "Two boards whose strip of full light covers the hero, with the backdrop so many stops under it")
    CompletableFuture<SlitAnswer> slit(
            @RequestParam(defaultValue = DARK) double underStops, @RequestBody TableSet set) {
        if (!(underStops >= 0 && underStops <= 10)) {
            throw new Refused("underStops", "How far under the hero the backdrop shall be is 0 to 10 stops");
        }
        return computing.slowly(
                set, () -> SlitPlacing.of(set, underStops).map(SlitAnswer::of).orElse(SlitAnswer.NONE));
    }

    @PostMapping("/api/soft-sun")
    @Operation(
            operationId = "softSun",
            summary =
                    "The set with the usual base of soft sun, a stop under the key and from its side, where there is room for it")
    CompletableFuture<TableSet> softSun(@RequestBody TableSet set) {
        return computing.slowly(set, () -> SoftSun.on(set));
    }

    @PostMapping("/api/sharper")
    @Operation(operationId = "sharper", summary = "The two moves that sharpen a thrown pattern; none without a pattern")
    CompletableFuture<List<SharperAnswer>> sharper(@RequestBody TableSet set) {
        return computing.slowly(
                set, () -> Sharper.of(set).stream().map(SharperAnswer::of).toList());
    }
}
