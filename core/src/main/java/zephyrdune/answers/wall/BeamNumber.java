package zephyrdune.answers.wall;

import java.util.Arrays;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import zephyrdune.set.light.Beam;
import zephyrdune.set.light.Capped;
import zephyrdune.set.light.Filling;
import zephyrdune.set.light.Gridded;
import zephyrdune.set.light.Honeycomb;
import zephyrdune.set.light.HotSpot;
import zephyrdune.set.light.InBox;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.Snooted;
import zephyrdune.set.light.Spread;
import zephyrdune.units.measure.Unit;

/**
 * A number of a light that decides how its beam lies on a wall. How far real pieces lie from the usual numbers is common practice, no
 * published source, from memory.
 */
public enum BeamNumber {
    /** Of the source itself, to half its intensity. */
    SOURCE_BEAM("Beam of the source", Unit.RADIAN, true, 0.1, new SourceBeam()),

    /** Of a reflector, to half its intensity, before anything that is put into it. */
    BEAM("Beam of the reflector", Unit.RADIAN, true, 0.15, new ReflectorBeam()),

    COMB(
            "Angle of the grid",
            Unit.RADIAN,
            true,
            0.1,
            ofSpread(
                    Honeycomb.class,
                    Honeycomb::angle,
                    Math.PI / 36,
                    Math.PI / 2,
                    (comb, angle) -> new Honeycomb(comb.power(), angle, comb.axialLoss()))),
    SNOOT(
            "Length of the snoot",
            Unit.METRE,
            true,
            0.15,
            ofSpread(
                    Snooted.class,
                    Snooted::length,
                    0.02,
                    1,
                    (snoot, length) -> new Snooted(snoot.power(), snoot.width(), length, snoot.axialLoss()))),
    CELLS(
            "Depth of the grid’s cells",
            Unit.METRE,
            true,
            0.1,
            ofSpread(
                    Gridded.class,
                    Gridded::cellDepth,
                    0.001,
                    0.3,
                    (grid, depth) -> new Gridded(grid.cellWidth(), depth, grid.axialLoss()))),
    STRAIGHT(
            "Light straight through the cap",
            Unit.RATIO,
            false,
            0.1,
            ofSpread(Capped.class, Capped::straight, 0, 1, (cap, straight) -> new Capped(straight))),
    HOT_SPOT(
            "Hot spot, middle over side",
            Unit.STOP,
            false,
            0.4,
            ofFilling(HotSpot.class, HotSpot::side, 0, 6, (spot, side) -> new HotSpot(side))),

    /** The less it sends back, the more the middle of the box outshines its sides. */
    LINING(
            "Light the lining sends back",
            Unit.RATIO,
            false,
            0.07,
            ofFilling(InBox.class, InBox::lining, 0.02, 0.98, InBox::withLining));

    private final String title;
    private final Unit unit;
    private final boolean ratio;
    private final double spread;
    private final Access access;

    BeamNumber(String title, Unit unit, boolean ratio, double spread, Access access) {
        this.title = title;
        this.unit = unit;
        this.ratio = ratio;
        this.spread = spread;
        this.access = access;
    }

    /** Where in a light a number is. */
    interface Access {

        boolean in(Light light);

        double of(Light light);

        /** The light with this number in it, or with the nearest that it can be. */
        Light with(Light light, double value);

        static double between(double value, double least, double most) {
            return Math.max(least, Math.min(most, value));
        }
    }

    /** A number of one part of a light. */
    private record OfPart<T>(
            Class<T> kind,
            Function<Light, Object> part,
            ToDoubleFunction<T> value,
            double least,
            double most,
            BiFunction<Light, Double, Light> changed)
            implements Access {

        @Override
        public boolean in(Light light) {
            return kind.isInstance(part.apply(light));
        }

        @Override
        public double of(Light light) {
            return value.applyAsDouble(kind.cast(part.apply(light)));
        }

        @Override
        public Light with(Light light, double wanted) {
            return changed.apply(light, Access.between(wanted, least, most));
        }
    }

    private static <T extends Spread> Access ofSpread(
            Class<T> kind, ToDoubleFunction<T> value, double least, double most, BiFunction<T, Double, T> with) {
        return new OfPart<>(
                kind,
                Light::spread,
                value,
                least,
                most,
                (light, wanted) -> light.withSpread(with.apply(kind.cast(light.spread()), wanted)));
    }

    private static <T extends Filling> Access ofFilling(
            Class<T> kind, ToDoubleFunction<T> value, double least, double most, BiFunction<T, Double, T> with) {
        return new OfPart<>(
                kind,
                Light::filling,
                value,
                least,
                most,
                (light, wanted) -> light.withFilling(with.apply(kind.cast(light.filling()), wanted)));
    }

    /** Those that a light has. */
    public static List<BeamNumber> all(Light light) {
        return Arrays.stream(values()).filter(number -> number.access.in(light)).toList();
    }

    public String title() {
        return title;
    }

    public Unit unit() {
        return unit;
    }

    /** Standard deviation of real pieces about the usual number: as a share of it, or in its own unit. */
    public double usualSpread() {
        return spread;
    }

    /** What a light has of it, in its own unit. */
    public double of(Light light) {
        return access.of(light);
    }

    /** The light with this number so much off, as a natural logarithm, or in its own unit. */
    public Light moved(Light light, double off) {
        return access.with(light, ratio ? of(light) * Math.exp(off) : of(light) + off);
    }

    /** What a small difference of {@link #moved} is of a number, in its own unit. */
    double spread(double value, double off) {
        return ratio ? value * off : off;
    }

    /** Full angle to half the intensity of a beam that follows a cosine's power, before any grid or snoot. */
    private static final class ReflectorBeam implements Access {

        @Override
        public boolean in(Light light) {
            return power(light) > 1;
        }

        @Override
        public double of(Light light) {
            return 2 * Math.acos(Math.pow(0.5, 1 / power(light)));
        }

        @Override
        public Light with(Light light, double angle) {
            double power = Access.between(Math.log(0.5) / Math.log(Math.cos(angle / 2)), 0.5, 400);
            if (light.spread() instanceof Honeycomb comb) {
                return light.withSpread(new Honeycomb(power, comb.angle(), comb.axialLoss()));
            } else if (light.spread() instanceof Snooted snoot) {
                return light.withSpread(new Snooted(power, snoot.width(), snoot.length(), snoot.axialLoss()));
            }
            return light.withSpread(new Beam(power));
        }

        /** 0 for what is no reflector. */
        private static double power(Light light) {
            if (light.spread() instanceof Beam beam) {
                return beam.power();
            } else if (light.spread() instanceof Honeycomb comb) {
                return comb.power();
            }
            return light.spread() instanceof Snooted snoot ? snoot.power() : 0;
        }
    }
}
