package zephyrdune.answers.wall;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import zephyrdune.answers.kit.BoxCloth;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.set.kit.Kit;
import zephyrdune.set.kit.OwnedSource;
import zephyrdune.set.kit.Shaper;
import zephyrdune.set.kit.UsualSpread;
import zephyrdune.set.light.Bare;
import zephyrdune.set.light.InBox;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.Loss;
import zephyrdune.set.light.Loss.Where;
import zephyrdune.set.light.Origin;
import zephyrdune.units.measure.Stops;

/** What the frames of a wall test say of their shapers. */
public final class WallReading {

    /** Farther from any beam of its kind than this, root mean square in stops, it was another one. */
    private static final double STRANGE = 0.2;

    /** Farther off than so many spreads, something else is the cause. */
    private static final double FAR = 3;

    private static final double MOST_LOSS = 8;

    private final WallSetup setup;
    private final List<WallFrame> frames;
    private final WallFit fit;
    private final int bare;

    private WallReading(WallSetup setup, List<WallFrame> frames) {
        this.setup = setup;
        this.frames = List.copyOf(frames);
        fit = WallFit.of(setup, this.frames);
        int first = -1;
        for (int i = frames.size() - 1; i >= 0; i--) {
            first = frames.get(i).bare() ? i : first;
        }
        bare = first;
    }

    /** Whether a shaper is none: the others are compared with it. */
    public static boolean bare(Shaper shaper) {
        return shaper.spread() instanceof Bare;
    }

    /** Each in the order of the frames; no shaper may be among them twice. */
    public static List<WallShaper> of(WallSetup setup, List<WallFrame> frames) {
        if (frames.isEmpty()) {
            return List.of();
        }
        WallReading reading = new WallReading(setup, frames);
        List<WallShaper> shapers = new ArrayList<>();
        for (int i = 0; i < frames.size(); i++) {
            shapers.add(reading.shaper(i));
        }
        return shapers;
    }

    /** What was found as pieces of a kit; those that something speaks against are not among them. */
    public static Kit learnt(OwnedSource source, List<WallShaper> found) {
        List<WallShaper> believed =
                found.stream().filter(shaper -> shaper.trouble().isEmpty()).toList();
        return new Kit(
                believed.stream()
                        .filter(shaper -> bare(shaper.stated()))
                        .limit(1)
                        .map(shaper -> new OwnedSource(source.name(), shaper.source(), source.origin()))
                        .toList(),
                believed.stream()
                        .filter(shaper -> !bare(shaper.stated()))
                        .map(WallShaper::learnt)
                        .toList(),
                List.of(),
                List.of(),
                List.of());
    }

    private WallShaper shaper(int frame) {
        Shaper stated = frames.get(frame).shaper();
        OptionalDouble loss = bare < 0 ? OptionalDouble.empty() : OptionalDouble.of(fit.loss(frame));
        Light found = fit.learnt(frame);
        double more = loss.orElse(0);
        Light learnt = more == 0 ? found : losing(found, more);
        List<WallShaper.Point> points = fit.points(frame);
        return new WallShaper(
                stated,
                new Shaper(
                        stated.name(),
                        learnt.face(),
                        learnt.filling(),
                        learnt.spread(),
                        learnt.losses(),
                        Origin.CALIBRATED),
                found.source(),
                fit.found(frame),
                loss,
                bare < 0 ? 0 : fit.lossSpread(frame),
                more - Stops.between(flux(found), flux(learnt)),
                WallShaper.BeamFigures.of(WallBeam.of(fit.stated(frame)), underBare(frame, statedLevel(frame), false)),
                WallShaper.BeamFigures.of(WallBeam.of(learnt), underBare(frame, fit.level(frame), true)),
                residual(points),
                trouble(frame, loss, residual(points)),
                points);
    }

    /** What a person on set would ask first. */
    private String trouble(int frame, OptionalDouble loss, double residual) {
        if (residual > STRANGE || fit.farthest(frame) > FAR) {
            return "No %s has a beam like this: was it another shaper, or was the light not square to the wall?"
                    .formatted(frames.get(frame).shaper().name());
        }
        double off = loss.orElse(0);
        if (Math.abs(off) > FAR * Math.hypot(fit.usualLoss(frame), fit.lossSpread(frame))) {
            return "It gives %.1f stops %s than its numbers say: was the power at the mark that was asked for?"
                    .formatted(Math.abs(off), off > 0 ? "less" : "more");
        }
        return "";
    }

    private static double flux(Light light) {
        return EmittingFace.of(light).flux();
    }

    private OptionalDouble underBare(int frame, double level, boolean measured) {
        return bare < 0
                ? OptionalDouble.empty()
                : OptionalDouble.of((measured ? fit.level(bare) : statedLevel(bare)) - level);
    }

    private double statedLevel(int frame) {
        return Stops.between(WallBeam.of(fit.stated(frame)).at(0, 0), 1);
    }

    /** A light whose losses are so much more in all: each takes its part by how far it is usually off, so that all are moved as little as can be. */
    private static Light losing(Light light, double more) {
        double box = light.filling() instanceof InBox inside ? UsualSpread.of(inside) : 0;
        double all = box * box
                + light.losses().stream()
                        .mapToDouble(loss -> square(UsualSpread.of(loss)))
                        .sum();
        if (all == 0) {
            return bySomething(light, more);
        }
        List<Loss> losses = new ArrayList<>();
        double placed = 0;
        for (Loss loss : light.losses()) {
            double part = more * square(UsualSpread.of(loss)) / all;
            double amount = between(loss.amount() + part, 0, MOST_LOSS);
            placed += amount - loss.amount();
            losses.add(part == 0 ? loss : new Loss(loss.where(), amount, Origin.CALIBRATED));
        }
        Light lossy = light.withLosses(losses);
        return light.filling() instanceof InBox inside ? BoxCloth.taking(lossy, inside, more - placed) : lossy;
    }

    /** No number of it is open: what is missing gets a loss of its own. */
    private static Light bySomething(Light light, double more) {
        List<Loss> losses = new ArrayList<>(light.losses());
        double has = 0;
        for (Loss loss : light.losses()) {
            has += loss.where() == Where.OTHER ? loss.amount() : 0;
        }
        losses.removeIf(loss -> loss.where() == Where.OTHER);
        double amount = between(has + more, 0, MOST_LOSS);
        if (amount > 0) {
            losses.add(new Loss(Where.OTHER, amount, Origin.CALIBRATED));
        }
        return light.withLosses(losses);
    }

    private static double residual(List<WallShaper.Point> points) {
        return Math.sqrt(points.stream()
                .mapToDouble(point -> square(point.measured() - point.learnt()))
                .average()
                .orElse(0));
    }

    private static double square(double value) {
        return value * value;
    }

    private static double between(double value, double least, double most) {
        return Math.max(least, Math.min(most, value));
    }
}
