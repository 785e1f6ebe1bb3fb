package zephyrdune.answers.learning;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import zephyrdune.answers.frame.FramePatch;
import zephyrdune.answers.frame.LightShares;
import zephyrdune.answers.frame.PatchReading;
import zephyrdune.answers.kit.Ground;
import zephyrdune.answers.kit.KitNumber;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.kit.UsualSpread;
import zephyrdune.set.light.EvenlyLit;
import zephyrdune.set.light.InBox;
import zephyrdune.set.light.Loss;
import zephyrdune.set.light.NoInner;
import zephyrdune.set.light.Origin;
import zephyrdune.set.light.PowerChoice;
import zephyrdune.units.measure.Stops;

/** A kit drawn from what is known of it before any frame: what nobody knows, stops more than stated. */
record DrawnKit(
        double output, double slope, double box, double sock, double room, double camera, Map<Ground, Double> paler) {

    static final TableSet BOXED = boxed();
    static final TableSet OTHER = other();
    static final String TABLE = "the set on the table";

    /** One softbox with a loss beside its own. */
    private static TableSet boxed() {
        TableSet set = Sets.chowder();
        return set.withLight(set.light()
                .withPower(PowerChoice.FIXED, 3)
                .withLosses(List.of(new Loss(Loss.Where.SOCK, 1, Origin.DEFAULT)))
                .withFilling(new InBox(0.3, 0.8, new NoInner(), 1, Origin.DEFAULT)));
    }

    /** The same flash without a box. */
    private static TableSet other() {
        return BOXED.withLight(BOXED.light().withLosses(List.of()).withFilling(new EvenlyLit()));
    }

    static DrawnKit drawn(Random random) {
        Map<Ground, Double> paler = new EnumMap<>(Ground.class);
        for (Ground ground : Ground.values()) {
            paler.put(ground, ground.spread() * random.nextGaussian());
        }
        return new DrawnKit(
                Math.hypot(UsualSpread.SOURCE, UsualSpread.DIAL) * random.nextGaussian(),
                UsualSpread.DIAL_SLOPE * random.nextGaussian(),
                UsualSpread.of((InBox) BOXED.light().filling()) * random.nextGaussian(),
                Loss.Where.SOCK.usualSpread() * random.nextGaussian(),
                UsualSpread.ROOM * random.nextGaussian(),
                UsualSpread.CAMERA * random.nextGaussian(),
                paler);
    }

    double lights(TableSet set, double below) {
        double shaped = set == OTHER ? 0 : box + sock;
        return output - slope * below - shaped;
    }

    /** Of every part one patch; the light is put back a little elsewhere each time. */
    TakenFrame frame(TableSet set, double below, double strange, Random random) {
        double put = 0.05 * random.nextGaussian() + strange;
        List<PatchReading> patches = new ArrayList<>();
        for (FramePatch.Part part : FramePatch.Part.values()) {
            if (part == FramePatch.Part.GREY_CARD || part == FramePatch.Part.METER) {
                continue;
            }
            double share = part.lit() ? 0.05 : 0.3;
            double spread = part.lit() ? 0.05 : Math.hypot(0.05, 0.2);
            double there = (1 - share) * Stops.ratio(lights(set, below) + put) + share * Stops.ratio(room);
            double off = Stops.between(there, 1) + paler.get(part.ground()) + camera + spread * random.nextGaussian();
            patches.add(new PatchReading(
                    new FramePatch(part, 0.5, 0.5),
                    OptionalDouble.of(1),
                    0,
                    new LightShares(share, 0, Collections.nCopies(set.cards().size(), 0.0)),
                    OptionalDouble.of(1 + off),
                    OptionalDouble.empty(),
                    0,
                    false,
                    ""));
        }
        return new TakenFrame(TABLE, set, below, patches);
    }

    /** Two marks with the box, two without. */
    List<TakenFrame> frames(Random random) {
        return new ArrayList<>(List.of(
                frame(BOXED, 1, 0, random),
                frame(BOXED, 5, 0, random),
                frame(OTHER, 2, 0, random),
                frame(OTHER, 6, 0, random)));
    }

    /** What is true of one number of the kit. */
    double of(KitNumber.Kind kind) {
        return switch (kind) {
            case OUTPUT -> output;
            case DIAL -> slope;
            case BOX -> box;
            case LOSS -> sock;
            case ROOM -> room;
            case CAMERA -> camera;
            case WALLS, CARD, SURFACE -> throw new IllegalArgumentException();
        };
    }
}
