package zephyrdune.answers.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import org.testng.annotations.Test;
import zephyrdune.answers.kit.Ground;
import zephyrdune.set.Sets;
import zephyrdune.set.kit.UsualSpread;
import zephyrdune.set.light.Light;
import zephyrdune.units.measure.Stops;

/** Kits, rooms and dishes drawn from what is known of them before a frame: what one frame then says of the light. */
public class LightFromPatchesTest {

    private static final int KITS = 500;
    private static final Light LIGHT = Sets.chowder().light();

    /** What nobody knows: how much more the lights and the room give, and how much paler each surface is. */
    private record Truth(double light, double room, Map<Ground, Double> paler) {

        static Truth drawn(Random random) {
            double light = UsualSpread.SOURCE * random.nextGaussian()
                    + UsualSpread.DIAL * random.nextGaussian()
                    + UsualSpread.of(LIGHT) * random.nextGaussian();
            Map<Ground, Double> paler = new EnumMap<>(Ground.class);
            for (Ground ground : Ground.values()) {
                paler.put(ground, ground.spread() * random.nextGaussian());
            }
            return new Truth(light, UsualSpread.ROOM * random.nextGaussian(), paler);
        }

        /** Of every part that is proposed one patch, those in the light with little of the room in them. */
        List<PatchReading> frame(Random random) {
            List<PatchReading> patches = new ArrayList<>();
            for (FramePatch.Part part : FramePatch.Part.values()) {
                if (part == FramePatch.Part.GREY_CARD) {
                    continue;
                }
                double share = part.lit() ? 0.05 : 0.4;
                double spread = part.lit() ? 0.05 : Math.hypot(0.05, 0.2);
                double there = (1 - share) * Stops.ratio(light) + share * Stops.ratio(room);
                double off = Stops.between(there, 1) + paler.get(part.ground()) + spread * random.nextGaussian();
                patches.add(new PatchReading(
                        new FramePatch(part, 0.5, 0.5),
                        OptionalDouble.of(1),
                        0,
                        new LightShares(share, 0, List.of()),
                        OptionalDouble.of(1 + off),
                        OptionalDouble.empty(),
                        0,
                        false,
                        ""));
            }
            return patches;
        }
    }

    /** 95 % of the true values lie within 1.96 of the told spreads: 93 to 97 in a sample of 500. */
    @Test
    public void theToldSpreadIsTrue() {
        Random random = new Random(11);
        int inside = 0;
        for (int kit = 0; kit < KITS; kit++) {
            Truth truth = Truth.drawn(random);
            LightFromPatches found = LightFromPatches.of(LIGHT, truth.frame(random));
            inside += Math.abs(found.more() - truth.light()) < 1.96 * found.spread() ? 1 : 0;
        }
        assertThat(inside / (double) KITS).isBetween(0.93, 0.97);
    }

    /** With the power changed by what the first frame says, the second is within a third of a stop of what is wanted in nine of ten kits. */
    @Test
    public void theSecondFrameIsNear() {
        Random random = new Random(12);
        int near = 0;
        double before = 0;
        double after = 0;
        for (int kit = 0; kit < KITS; kit++) {
            Truth truth = Truth.drawn(random);
            double left = truth.light()
                    - LightFromPatches.of(LIGHT, truth.frame(random)).more();
            near += Math.abs(left) < 1.0 / 3 ? 1 : 0;
            before += truth.light() * truth.light() / KITS;
            after += left * left / KITS;
        }
        assertThat(near / (double) KITS).isGreaterThan(0.9);
        assertThat(Math.sqrt(after)).isLessThan(0.6 * Math.sqrt(before));
    }

    /** Of good frames under one patch in a hundred is held back. */
    @Test
    public void goodPatchesAreBelieved() {
        Random random = new Random(13);
        int held = 0;
        int all = 0;
        for (int kit = 0; kit < KITS; kit++) {
            List<PatchReading> frame = Truth.drawn(random).frame(random);
            held += LightFromPatches.of(LIGHT, frame).strange().size();
            all += frame.size();
        }
        assertThat(held / (double) all).isLessThan(0.01);
    }
}
