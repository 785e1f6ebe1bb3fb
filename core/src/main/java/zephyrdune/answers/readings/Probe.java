package zephyrdune.answers.readings;

import static zephyrdune.answers.readings.ReadingKind.BACKDROP_LEVEL;
import static zephyrdune.answers.readings.ReadingKind.BACKDROP_TONE;
import static zephyrdune.answers.readings.ReadingKind.CONTRAST_SEEN;
import static zephyrdune.answers.readings.ReadingKind.FACE_IN_USE;
import static zephyrdune.answers.readings.ReadingKind.FALL_OFF_FRAME;
import static zephyrdune.answers.readings.ReadingKind.FALL_OFF_HERO;
import static zephyrdune.answers.readings.ReadingKind.LOST;
import static zephyrdune.answers.readings.ReadingKind.POINT_RULE_ERROR;
import static zephyrdune.answers.readings.ReadingKind.SIZE_ACROSS;
import static zephyrdune.answers.readings.ReadingKind.SIZE_ALONG;
import static zephyrdune.answers.readings.ReadingKind.SOLID_ANGLE;

import java.util.Optional;
import java.util.Set;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.answers.fill.SeenContrast;
import zephyrdune.answers.highlight.Highlight;
import zephyrdune.light.falloff.FallOff;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.light.illuminance.PointRule;
import zephyrdune.light.softness.ApparentSize;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.render.picture.BackdropTone;
import zephyrdune.render.picture.Mix;
import zephyrdune.set.TableSet;
import zephyrdune.set.kit.UsualSpread;
import zephyrdune.set.light.Bare;
import zephyrdune.set.light.EvenlyLit;
import zephyrdune.set.light.Light;
import zephyrdune.units.measure.Stops;
import zephyrdune.units.sampling.Sureness;

/** Reads a set; what several readings need is worked out once. Kinds that share no work may be read at once. */
final class Probe {

    /** A part of the panel that is smaller than this share of it is told apart from it. */
    private static final double ALL = 0.97;

    private static final String UNSEEN =
            "Too little of the dish is seen, or it is clear: glass shows what is behind it and what it mirrors";

    private static final String NO_LIGHT = "The light does not reach this place";

    private final TableSet set;
    private final Sureness sureness;
    private final KeyLight key;
    private MeteredExposure hero;
    private Mix mix;
    private ApparentSize acting;
    private Optional<Highlight> highlight;
    private final ShadowReadings shadow;
    private final ShapingReadings shaping;

    Probe(TableSet set, Sureness sureness) {
        this.set = set;
        this.sureness = sureness;
        key = KeyLight.of(set);
        shadow = new ShadowReadings(set, key, sureness);
        shaping = new ShapingReadings(set, key, this::hero, sureness);
    }

    Reading read(ReadingKind kind) {
        return switch (kind) {
            case SIZE_ACROSS, SIZE_ALONG, SOLID_ANGLE -> size(kind);
            case TIP_EDGE,
                    TIP_EDGE_SEEN,
                    SIDE_EDGE,
                    SIDE_EDGE_SEEN,
                    EDGE_SHOWN,
                    EDGE_TO_RIM,
                    SHADOW_LENGTH,
                    SHADOW_CLOCK -> shadow.read(kind);
            case SHADOW_DEPTH -> shadow.depth(mix());
            case FALL_OFF_HERO -> fallOff(kind, FallOff.acrossHero(set, key));
            case FALL_OFF_FRAME -> fallOff(kind, FallOff.acrossFrame(set, key));
            case BACKDROP_LEVEL ->
                fallOff(kind, FallOff.heroToBackdrop(set, key)).noting(backdropNote());
            case BACKDROP_TONE -> backdropTone();
            case CONTRAST_SEEN -> contrast();
            case HIGHLIGHT_LENGTH, HIGHLIGHT_WIDTH, HIGHLIGHT_ABOVE -> highlight(kind);
            case POINT_RULE_ERROR -> pointRule();
            case FACE_IN_USE ->
                Reading.of(FACE_IN_USE, key.face().usedShare(), key.face().centre());
            case LOST ->
                Reading.of(LOST, lost(), key.face().centre())
                        .beside("What is stated to be lost", set.light().loss())
                        .noting(usual(set.light()));
            case KEY_EXPOSURE,
                    KEY_SHARE,
                    TABLE_SHARE,
                    ROOM_SHARE,
                    CARD_SHARE,
                    BASE_SHARE,
                    AMBIENT_SHARE,
                    POWER,
                    OFF_EXPOSURE,
                    AMBIENT_UNDER_KEY,
                    AMBIENT_FRAME,
                    DEPTH_OF_FIELD,
                    LIGHT_TINT,
                    SHADOW_TINT -> CameraReadings.read(kind, set, key, hero());
            case LIT_TO_SHADOW,
                    LIT_TO_SHADOW_BARE,
                    CARD_LIFT,
                    CARD_TINT,
                    STRIP_FULL,
                    STRIP_HALF,
                    STRIP_EDGE,
                    PATTERN_CONTRAST,
                    PATCH_SIZE,
                    PATCH_BLUR,
                    PATTERN_GONE,
                    BASE_UNDER_KEY,
                    BASE_EDGE -> shaping.read(kind);
        };
    }

    private static String usual(Light light) {
        double spread = UsualSpread.of(light);
        return spread > Reading.SURE
                ? "By usual values; yours may lie %.1f stop off: meter once, and enter what you find".formatted(spread)
                : "";
    }

    /** A bare source gives all that is stated of it, but for stated losses. */
    private double lost() {
        Light light = set.light();
        boolean bare = light.spread() instanceof Bare && light.filling() instanceof EvenlyLit;
        return bare ? light.loss() : Stops.between(light.source().flux(), key.flux());
    }

    private synchronized MeteredExposure hero() {
        if (hero == null) {
            hero = MeteredExposure.of(set, key, sureness);
        }
        return hero;
    }

    /** Finds the place that is exposed for, by all cores: the other readings wait for it. */
    void ahead() {
        key.brightest();
    }

    private synchronized Mix mix() {
        if (mix == null) {
            mix = Mix.of(set, Set.of(), key, hero().below());
        }
        return mix;
    }

    private Reading size(ReadingKind kind) {
        if (acting == null) {
            acting = ApparentSize.from(key.hero(), key.face().acting());
        }
        ApparentSize size = acting;
        ApparentSize panel = ApparentSize.from(key.hero(), key.face());
        double distance = key.face().centre().distance(key.hero());
        return switch (kind) {
            case SIZE_ACROSS ->
                Reading.of(SIZE_ACROSS, size.across(), key.hero())
                        .beside("As wide as it is far is the yardstick of a soft light", 1)
                        .noting(ofThePanel(size.across(), panel.across(), "%.2f : 1"));
            case SIZE_ALONG ->
                Reading.of(SIZE_ALONG, size.along(), key.hero())
                        .beside("As high as it is far is the yardstick of a soft light", 1)
                        .noting(ofThePanel(size.along(), panel.along(), "%.2f : 1"));
            default ->
                Reading.of(SOLID_ANGLE, size.solidAngle(), key.hero())
                        .beside("Area over distance squared", key.face().area() / (distance * distance))
                        .noting(ofThePanel(size.solidAngle(), panel.solidAngle(), "%.3f sr"));
        };
    }

    /** What the whole panel would read where only part of it is lit. */
    private static String ofThePanel(double acting, double whole, String format) {
        return acting < ALL * whole ? "Of what is lit; the panel's own is " + format.formatted(whole) : "";
    }

    private Reading fallOff(ReadingKind kind, FallOff fallOff) {
        return Double.isFinite(fallOff.stops())
                ? Reading.of(kind, fallOff.stops(), fallOff.from(), fallOff.to())
                        .named(kind == BACKDROP_LEVEL ? "" : Wording.FALL_OFF.of(Math.abs(fallOff.stops())))
                        .beside("Inverse-square law by the distances from the light's centre", fallOff.rule())
                : Reading.absent(kind, NO_LIGHT);
    }

    private String backdropNote() {
        return Perspective.of(set)
                        .shows(Vector3D.of(
                                0, set.backdrop().distance(), set.dish().top()))
                ? ""
                : "This place of the backdrop is out of the frame";
    }

    private Reading backdropTone() {
        BackdropTone tone = BackdropTone.of(set, mix());
        return Double.isFinite(tone.stops())
                ? Reading.of(BACKDROP_TONE, tone.stops(), tone.place())
                        .named(Wording.BACKDROP.of(tone.stops()))
                        .noting(backdropNote())
                : Reading.absent(BACKDROP_TONE, NO_LIGHT);
    }

    private Reading contrast() {
        return SeenContrast.of(set, mix())
                .map(found -> Double.isFinite(found.stops())
                        ? Reading.of(CONTRAST_SEEN, found.stops(), found.bright(), found.dark())
                                .named(Wording.CONTRAST.of(found.stops()))
                                .uncertain(found.error())
                        : Reading.absent(CONTRAST_SEEN, "No light at all reaches the darkest part of what is seen"))
                .orElseGet(() -> Reading.absent(CONTRAST_SEEN, UNSEEN));
    }

    private Reading highlight(ReadingKind kind) {
        if (highlight == null) {
            highlight = Highlight.of(set, mix());
        }
        if (highlight.isEmpty()) {
            return Reading.absent(kind, "The dish mirrors nothing of the light to the camera");
        }
        Highlight found = highlight.get();
        double value =
                switch (kind) {
                    case HIGHLIGHT_LENGTH -> found.length();
                    case HIGHLIGHT_WIDTH -> found.width();
                    default -> found.above();
                };
        return Double.isFinite(value)
                ? Reading.of(kind, value, found.place()).named(Wording.HIGHLIGHT.of(found.roughness()))
                : Reading.absent(kind, NO_LIGHT);
    }

    private Reading pointRule() {
        double rule = PointRule.at(key.face(), key.hero(), Vector3D.Unit.PLUS_Z);
        double error = Stops.between(rule, key.openAt(key.hero(), Vector3D.Unit.PLUS_Z));
        return Double.isFinite(error)
                ? Reading.of(POINT_RULE_ERROR, error, key.hero()).noting(fiveTimes())
                : Reading.absent(POINT_RULE_ERROR, NO_LIGHT);
    }

    private String fiveTimes() {
        double size =
                2 * Math.max(key.face().acrossHalf().norm(), key.face().upHalf().norm());
        double distance = key.face().centre().distance(key.hero());
        return "The light is %.1f times its size away; from five times on the rule is within about one percent"
                .formatted(distance / size);
    }
}
