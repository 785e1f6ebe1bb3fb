package zephyrdune.answers.readings;

import static zephyrdune.answers.readings.ReadingKind.BASE_EDGE;
import static zephyrdune.answers.readings.ReadingKind.BASE_UNDER_KEY;
import static zephyrdune.answers.readings.ReadingKind.CARD_TINT;
import static zephyrdune.answers.readings.ReadingKind.PATTERN_GONE;

import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.answers.fill.Fill;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.light.pattern.CutLine;
import zephyrdune.light.pattern.LightStrip;
import zephyrdune.light.pattern.Patches;
import zephyrdune.light.softness.TableShadow;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.render.metering.MeteredLight;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.HeroTop;
import zephyrdune.set.card.Holes;
import zephyrdune.set.card.NoHoles;
import zephyrdune.set.light.BroadBase;
import zephyrdune.units.measure.Lengths;
import zephyrdune.units.measure.Stops;
import zephyrdune.units.sampling.Sureness;

/** The readings of what is put round the dish: cards that fill, flags and slits, patterns, the base light. Found when first asked for. */
final class ShapingReadings {

    /** Lifting or taking less than this, a black card does nothing in a room, stops. */
    private static final double HARDLY = 0.05;

    private static final String OVERHEAD = "The light stands straight above: no side is the shadow side";
    private static final String NO_CUT = "Nothing cuts the light; stand a flag or a slit in its way";
    private static final String BESIDE = "The card with the pattern stands in no light's way";
    private static final String NO_PATTERN = "No card with a pattern is in this set";

    private final TableSet set;
    private final KeyLight key;
    private final Supplier<MeteredExposure> hero;
    private final Sureness sureness;
    private Optional<Fill> fill;
    private Optional<CutLine> line;
    private LightStrip strip;
    private Patches patches;

    ShapingReadings(TableSet set, KeyLight key, Supplier<MeteredExposure> hero, Sureness sureness) {
        this.sureness = sureness;
        this.hero = hero;
        this.set = set;
        this.key = key;
    }

    Reading read(ReadingKind kind) {
        return switch (kind) {
            case LIT_TO_SHADOW, LIT_TO_SHADOW_BARE, CARD_LIFT, CARD_TINT -> fill(kind);
            case STRIP_FULL, STRIP_HALF, STRIP_EDGE -> strip(kind);
            case PATTERN_CONTRAST, PATCH_SIZE, PATCH_BLUR, PATTERN_GONE -> pattern(kind);
            case BASE_UNDER_KEY, BASE_EDGE -> base(kind);
            default -> throw new IllegalArgumentException(kind.name());
        };
    }

    private Reading fill(ReadingKind kind) {
        boolean any = set.cards().stream().anyMatch(card -> Fill.fills(set, card));
        if (!any && (kind == ReadingKind.CARD_LIFT || kind == CARD_TINT)) {
            return Reading.absent(kind, "No card fills or takes away here; stand one opposite the light");
        }
        if (fill == null) {
            fill = Fill.of(set, key, hero.get().below(), Set.of(), sureness);
        }
        if (fill.isEmpty()) {
            return Reading.absent(kind, OVERHEAD);
        }
        Fill found = fill.get();
        return switch (kind) {
            case LIT_TO_SHADOW ->
                finite(
                                kind,
                                found.litToShadow(),
                                found.lit().place(),
                                found.shadow().place())
                        .named(Wording.CONTRAST.of(found.litToShadow()))
                        .uncertain(found.with().error());
            case LIT_TO_SHADOW_BARE ->
                finite(
                                kind,
                                found.litToShadowBare(),
                                found.lit().place(),
                                found.shadow().place())
                        .named(Wording.CONTRAST.of(found.litToShadowBare()))
                        .uncertain(found.bare().error());
            case CARD_LIFT ->
                finite(kind, found.lift(), found.shadow().place())
                        .noting(taking(found))
                        .uncertain(Math.hypot(found.with().error(), found.bare().error()));
            default ->
                found.tint().isPresent()
                        ? Reading.of(
                                CARD_TINT,
                                found.tint().getAsDouble(),
                                found.shadow().place())
                        : Reading.absent(
                                CARD_TINT,
                                set.light().gel().coloured()
                                        ? CameraReadings.COLOURED
                                        : "The cards send hardly any light to the shadow side");
        };
    }

    private String taking(Fill found) {
        boolean black = set.cards().stream().anyMatch(card -> card.black() && Fill.fills(set, card));
        return black && Math.abs(found.lift()) < HARDLY
                ? "Hardly any light comes from where the black card stands: in this room it takes next to nothing"
                : "";
    }

    private static Reading finite(ReadingKind kind, double stops, Vector3D... places) {
        return Double.isFinite(stops)
                ? Reading.of(kind, stops, places)
                : Reading.absent(kind, "No light at all reaches one of the two sides");
    }

    private Optional<CutLine> line() {
        if (line == null) {
            line = CutLine.of(set, key);
        }
        return line;
    }

    private Holes holes(CutLine found) {
        return found.card().isEmpty()
                ? new NoHoles()
                : set.cards().get(found.card().getAsInt()).cut().holes();
    }

    private Reading strip(ReadingKind kind) {
        if (line().isEmpty()) {
            return Reading.absent(kind, NO_CUT);
        }
        CutLine found = line().get();
        if (patterned(found)) {
            return Reading.absent(kind, "The card throws a pattern; its patches are read instead");
        }
        if (strip == null) {
            strip = LightStrip.of(found, key);
        }
        if (strip.most() == 0) {
            return Reading.absent(kind, "No light is left: the flags close the way; open the gap");
        }
        double widened = holes(found).opening() * (found.lightToCard() + found.cardToHero()) / found.lightToCard();
        double blur = found.faceSize() * found.cardToHero() / found.lightToCard();
        boolean slit = holes(found).opening() > 0;
        return switch (kind) {
            case STRIP_FULL -> {
                Reading full = strip.full().isEmpty()
                        ? Reading.of(kind, 0, found.from())
                                .noting("At most %.1f %% of the open light comes through: no place has all of it"
                                        .formatted(100 * strip.most()))
                        : wide(kind, found, strip.full().get());
                yield slit ? full.beside("g (a + b) / a - s b / a", Math.max(0, widened - blur)) : full;
            }
            case STRIP_HALF -> {
                Reading half = wide(kind, found, strip.half());
                yield slit ? half.beside("g (a + b) / a", widened) : half;
            }
            default ->
                (Double.isFinite(strip.edge())
                                ? Reading.of(kind, strip.edge(), found.at(ends(strip)[0]), found.at(ends(strip)[1]))
                                : Reading.absent(kind, NO_CUT))
                        .beside("Four fifths of s b / a", 0.8 * blur);
        };
    }

    private static double[] ends(LightStrip strip) {
        LightStrip.Stretch half = strip.half();
        double from = Double.isFinite(half.from()) ? half.from() : half.to();
        return new double[] {from, Double.isFinite(half.to()) ? half.to() : from};
    }

    private Reading wide(ReadingKind kind, CutLine found, LightStrip.Stretch lit) {
        return Double.isFinite(lit.width())
                ? Reading.of(kind, lit.width(), found.at(lit.from()), found.at(lit.to()))
                : Reading.absent(kind, "The light is cut on one side alone; a second flag makes it a strip");
    }

    private boolean patterned(CutLine found) {
        return found.card().isPresent()
                && set.cards().get(found.card().getAsInt()).cut().patterned();
    }

    private Reading pattern(ReadingKind kind) {
        if (line().isEmpty() || !patterned(line().get())) {
            return Reading.absent(kind, set.patterned() ? BESIDE : NO_PATTERN);
        }
        CutLine found = line().get();
        Holes holes = holes(found);
        if (kind == PATTERN_GONE) {
            double whole = found.lightToCard() + found.cardToHero();
            double gone = holes.pitch() * whole / found.faceSize();
            return gone < whole
                    ? Reading.of(kind, gone, found.from())
                            .noting("The card is %s from the hero".formatted(Lengths.words(found.cardToHero())))
                    : Reading.absent(kind, "The light is smaller than the pattern's repeat: it shows from anywhere");
        }
        if (patches == null) {
            patches = Patches.of(found, key, holes, set.camera().framedWidth() / 2);
        }
        if (patches.contrast() == 0) {
            return Reading.absent(kind, "The pattern does not fall on the hero");
        }
        double blur = found.faceSize() * found.cardToHero() / found.lightToCard();
        double widened = holes.opening() * (found.lightToCard() + found.cardToHero()) / found.lightToCard();
        return switch (kind) {
            case PATTERN_CONTRAST ->
                Reading.of(kind, patches.contrast(), found.at(patches.from()), found.at(patches.to()))
                        .named(Wording.PATTERN.of(patches.contrast()))
                        .noting(brightest());
            case PATCH_SIZE -> {
                Reading size = Reading.of(kind, patches.size(), found.at(patches.from()), found.at(patches.to()));
                Reading noted = blur > widened && widened > 0
                        ? size.noting("The opening is smaller than the blur: each patch is an image of the light")
                        : size;
                yield widened > 0 ? noted.beside("d (a + b) / a", widened) : noted;
            }
            default ->
                Reading.of(kind, patches.blur(), found.at(patches.from()), found.at(patches.to()))
                        .beside("Four fifths of s b / a", 0.8 * blur);
        };
    }

    private String brightest() {
        return "The brightest patch has %.0f %% of the open light%s"
                .formatted(
                        100 * patches.brightest(),
                        set.exposure().metering().point() instanceof HeroTop ? "; the exposure is for it" : "");
    }

    private Reading base(ReadingKind kind) {
        if (!(set.base() instanceof BroadBase base)) {
            return Reading.absent(kind, "There is no base light in this set");
        }
        if (kind == BASE_UNDER_KEY) {
            MeteredLight light = hero.get().light();
            double stops = Stops.between(light.base(), light.key());
            return Double.isFinite(stops)
                    ? Reading.of(kind, stops, light.place())
                            .beside("As it is set, by straight light alone", -base.under())
                    : Reading.absent(kind, "One of the two does not reach the meter");
        }
        return TableShadow.of(set.dish(), EmittingFace.of(base.as(set.light())))
                .filter(shadow -> shadow.atTip().tenToNinety().stream().anyMatch(Double::isFinite))
                .map(shadow -> Reading.of(
                        BASE_EDGE, shadow.atTip().tenToNinety().getAsDouble(), shadow.tipEdge(), shadow.tip()))
                .orElseGet(() -> Reading.absent(BASE_EDGE, "The base light throws no shadow that ends on the table"));
    }
}
