package zephyrdune.answers.learning;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import zephyrdune.answers.calibration.LinearGaussian;
import zephyrdune.answers.kit.BoxCloth;
import zephyrdune.answers.kit.KitNumber;
import zephyrdune.answers.kit.KitNumbers;
import zephyrdune.answers.kit.Stated;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.set.TableSet;
import zephyrdune.set.light.InBox;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.Loss;
import zephyrdune.set.light.Origin;
import zephyrdune.units.measure.Stops;

/** What frames say of the kit on one set, and the set with that in its numbers. */
public final class LearntKit {

    /** Two numbers whose rests go together so far cannot be told apart, if both are still so unsure as a share of what they were. */
    private static final double TOGETHER = 0.3;

    private static final double UNSURE = 0.5;

    /** What is known no better than so is no news. */
    private static final double NO_NEWS = 0.97;

    private static final double MOST_LOSS = 8;

    private final KitLearning learning;
    private final LinearGaussian found;
    private final Object of;
    private final TableSet now;
    private final Map<KitNumber, Stated> stated;

    /** What each number does to the light that a frame shows, stop for stop. */
    private final Map<KitNumber, Double> lights;

    LearntKit(KitLearning learning, Object of, TableSet now) {
        this.learning = learning;
        this.of = of;
        this.now = now;
        found = learning.found();
        stated = KitNumbers.of(of, now);
        lights = KitNumbers.lights(now.light(), MeteredExposure.below(now, KeyLight.of(now)));
        lights.put(KitNumbers.CAMERA, 1.0);
    }

    /** Numbers of the set that are known better by the frames than before, each piece of the kit with those that it cannot be told apart from. */
    public List<LearntNumber> numbers() {
        List<LearntNumber> numbers = new ArrayList<>();
        stated.forEach((number, is) -> {
            int frames = learning.frames(number);
            if (frames > 0 && unsure(number) < NO_NEWS) {
                numbers.add(new LearntNumber(
                        number,
                        is.title(),
                        more(number),
                        found.spread(index(number)),
                        learning.statedFirst(number).orElseThrow().spread(),
                        frames,
                        with(number)));
            }
        });
        return numbers;
    }

    private int index(KitNumber number) {
        return learning.unknowns().indexOf(number);
    }

    /** Stops more than the set states; nothing of what no frame has seen. */
    private double more(KitNumber number) {
        int index = index(number);
        return index < 0
                ? 0
                : learning.statedFirst(number).orElseThrow().stops()
                        + found.mean(index)
                        - stated.get(number).stops();
    }

    private List<String> with(KitNumber number) {
        if (!number.kind().piece() || unsure(number) < UNSURE) {
            return List.of();
        }
        return stated.keySet().stream()
                .filter(other -> !other.equals(number) && other.kind().piece())
                .filter(other -> index(other) >= 0 && learning.frames(other) > 0 && unsure(other) > UNSURE)
                .filter(other -> Math.abs(found.correlation(index(number), index(other))) > TOGETHER)
                .map(other -> stated.get(other).title())
                .toList();
    }

    /** How unsure a number still is, as a share of what it was before any frame. */
    private double unsure(KitNumber number) {
        return found.spread(index(number))
                / learning.statedFirst(number).orElseThrow().spread();
    }

    /** Stops by which a frame shows more of the set's lights than its numbers say, at the power that is set: by what they give and by what the camera makes of it. */
    public double lightsMore() {
        return lights.entrySet().stream()
                .mapToDouble(each -> each.getValue() * more(each.getKey()))
                .sum();
    }

    /** Standard deviation of that: of pieces that no frame has seen, the usual one. */
    public double lightsSpread() {
        double[] slopes = new double[learning.unknowns().size() + 2];
        double unseen = 0;
        for (Map.Entry<KitNumber, Double> each : lights.entrySet()) {
            int index = index(each.getKey());
            if (index >= 0) {
                slopes[index] = each.getValue();
            } else {
                unseen = Math.hypot(
                        unseen, each.getValue() * stated.get(each.getKey()).spread());
            }
        }
        return Math.hypot(unseen, found.spread(slopes));
    }

    /**
     * The set with what was learnt in its numbers, their origin told. What a number cannot take, and what its power control and the camera are off by, is counted to what its source
     * gives: the lights are together what the frames say.
     */
    public TableSet learnt() {
        TableSet set = now;
        if (now.light().filling() instanceof InBox box && more(KitNumbers.box(now.light(), box)) != 0) {
            set = set.withLight(BoxCloth.taking(now.light(), box, more(KitNumbers.box(now.light(), box))));
        }
        Light light = set.light();
        set = set.withLight(
                light.withLosses(light.losses().stream().map(this::learnt).toList()));
        double given = (KitNumbers.taken(now) - KitNumbers.taken(set))
                + (now.light().loss() - set.light().loss());
        set = set.withLight(set.light().withSource(set.light().source().scaled(Stops.ratio(lightsMore() - given))));
        double lux = now.ambient().illuminance() * Stops.ratio(more(KitNumbers.room(of)));
        return set.withAmbient(set.ambient().withIlluminance(lux));
    }

    private Loss learnt(Loss loss) {
        double more = more(KitNumbers.loss(now.light(), loss));
        return more == 0
                ? loss
                : new Loss(loss.where(), Math.max(0, Math.min(MOST_LOSS, loss.amount() + more)), Origin.CALIBRATED);
    }

    /** The set with the numbers that were stated before any frame. */
    public TableSet stated() {
        Light light = now.light();
        Optional<Stated> output = learning.statedFirst(KitNumbers.output(light));
        if (output.isEmpty()) {
            return now;
        }
        Light first = output.get().in().light();
        TableSet set = now.withLight(light.withSource(first.source()));
        if (light.filling() instanceof InBox box) {
            Optional<Stated> was = learning.statedFirst(KitNumbers.box(light, box));
            if (was.isPresent()) {
                set = set.withLight(
                        set.light().withFilling(was.get().in().light().filling()));
            }
        }
        set = set.withLight(set.light()
                .withLosses(light.losses().stream().map(this::firstStated).toList()));
        Optional<Stated> room = learning.statedFirst(KitNumbers.room(of));
        return room.isEmpty()
                ? set
                : set.withAmbient(
                        set.ambient().withIlluminance(room.get().in().ambient().illuminance()));
    }

    private Loss firstStated(Loss loss) {
        return learning.statedFirst(KitNumbers.loss(now.light(), loss))
                .flatMap(first -> first.in().light().losses().stream()
                        .filter(was -> was.where() == loss.where())
                        .findFirst())
                .orElse(loss);
    }
}
