package zephyrdune.answers.wall;

import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;
import zephyrdune.set.light.Bare;
import zephyrdune.set.light.Beam;
import zephyrdune.set.light.Capped;
import zephyrdune.set.light.Gridded;
import zephyrdune.set.light.Honeycomb;
import zephyrdune.set.light.HotSpot;
import zephyrdune.set.light.InBox;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.Snooted;
import zephyrdune.set.source.LedPanel;
import zephyrdune.set.source.LedPoint;
import zephyrdune.set.source.MainsFlash;
import zephyrdune.set.source.Source;
import zephyrdune.units.measure.Unit;

/**
 * A number of a light that decides how its beam lies on a wall. How far real pieces lie from the usual numbers is common practice, no
 * published source, from memory.
 */
public enum BeamNumber {
    /** Of the source itself, to half its intensity. */
    SOURCE_BEAM(
            "Beam of the source",
            Unit.RADIAN,
            true,
            0.1,
            light -> light.spread() instanceof Bare && beamAngle(light.source()) > 0) {
        @Override
        public double of(Light light) {
            return beamAngle(light.source());
        }

        @Override
        Light in(Light light, double value) {
            return light.withSource(withBeamAngle(light.source(), between(value, Math.PI / 36, Math.PI * 17 / 18)));
        }
    },
    /** Of a reflector, to half its intensity, before anything that is put into it. */
    BEAM("Beam of the reflector", Unit.RADIAN, true, 0.15, light -> power(light) > 1) {
        @Override
        public double of(Light light) {
            return angle(power(light));
        }

        @Override
        Light in(Light light, double value) {
            return withPower(light, between(Math.log(0.5) / Math.log(Math.cos(value / 2)), 0.5, 400));
        }
    },
    COMB("Angle of the grid", Unit.RADIAN, true, 0.1, light -> light.spread() instanceof Honeycomb) {
        @Override
        public double of(Light light) {
            return ((Honeycomb) light.spread()).angle();
        }

        @Override
        Light in(Light light, double value) {
            Honeycomb comb = (Honeycomb) light.spread();
            return light.withSpread(
                    new Honeycomb(comb.power(), between(value, Math.PI / 36, Math.PI / 2), comb.axialLoss()));
        }
    },
    SNOOT("Length of the snoot", Unit.METRE, true, 0.15, light -> light.spread() instanceof Snooted) {
        @Override
        public double of(Light light) {
            return ((Snooted) light.spread()).length();
        }

        @Override
        Light in(Light light, double value) {
            Snooted snoot = (Snooted) light.spread();
            return light.withSpread(
                    new Snooted(snoot.power(), snoot.width(), between(value, 0.02, 1), snoot.axialLoss()));
        }
    },
    CELLS("Depth of the grid’s cells", Unit.METRE, true, 0.1, light -> light.spread() instanceof Gridded) {
        @Override
        public double of(Light light) {
            return ((Gridded) light.spread()).cellDepth();
        }

        @Override
        Light in(Light light, double value) {
            Gridded grid = (Gridded) light.spread();
            return light.withSpread(new Gridded(grid.cellWidth(), between(value, 0.001, 0.3), grid.axialLoss()));
        }
    },
    STRAIGHT("Light straight through the cap", Unit.RATIO, false, 0.1, light -> light.spread() instanceof Capped) {
        @Override
        public double of(Light light) {
            return ((Capped) light.spread()).straight();
        }

        @Override
        Light in(Light light, double value) {
            return light.withSpread(new Capped(between(value, 0, 1)));
        }
    },
    HOT_SPOT("Hot spot, middle over side", Unit.STOP, false, 0.4, light -> light.filling() instanceof HotSpot) {
        @Override
        public double of(Light light) {
            return ((HotSpot) light.filling()).side();
        }

        @Override
        Light in(Light light, double value) {
            return light.withFilling(new HotSpot(between(value, 0, 6)));
        }
    },
    /** The less it sends back, the more the middle of the box outshines its sides. */
    LINING("Light the lining sends back", Unit.RATIO, false, 0.07, light -> light.filling() instanceof InBox) {
        @Override
        public double of(Light light) {
            return ((InBox) light.filling()).lining();
        }

        @Override
        Light in(Light light, double value) {
            return light.withFilling(((InBox) light.filling()).with(box -> box.lining(between(value, 0.02, 0.98))));
        }
    };

    private final String title;
    private final Unit unit;
    private final boolean ratio;
    private final double spread;
    private final Predicate<Light> has;

    BeamNumber(String title, Unit unit, boolean ratio, double spread, Predicate<Light> has) {
        this.title = title;
        this.unit = unit;
        this.ratio = ratio;
        this.spread = spread;
        this.has = has;
    }

    /** Those that a light has. */
    public static List<BeamNumber> all(Light light) {
        return Arrays.stream(values()).filter(number -> number.has.test(light)).toList();
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
    public abstract double of(Light light);

    /** The light with this number in it, or with the nearest that it can be. */
    abstract Light in(Light light, double value);

    /** The light with this number so much off, as a natural logarithm, or in its own unit. */
    public Light moved(Light light, double off) {
        return in(light, ratio ? of(light) * Math.exp(off) : of(light) + off);
    }

    /** What a small difference of {@link #moved} is of a number, in its own unit. */
    double spread(double value, double off) {
        return ratio ? value * off : off;
    }

    private static double between(double value, double least, double most) {
        return Math.max(least, Math.min(most, value));
    }

    /** Full angle to half the intensity. */
    private static double angle(double power) {
        return 2 * Math.acos(Math.pow(0.5, 1 / power));
    }

    /** Power of the cosine that a reflector's beam follows; 0 for what is none. */
    private static double power(Light light) {
        if (light.spread() instanceof Beam beam) {
            return beam.power();
        } else if (light.spread() instanceof Honeycomb comb) {
            return comb.power();
        }
        return light.spread() instanceof Snooted snoot ? snoot.power() : 0;
    }

    private static Light withPower(Light light, double power) {
        if (light.spread() instanceof Honeycomb comb) {
            return light.withSpread(new Honeycomb(power, comb.angle(), comb.axialLoss()));
        } else if (light.spread() instanceof Snooted snoot) {
            return light.withSpread(new Snooted(power, snoot.width(), snoot.length(), snoot.axialLoss()));
        }
        return light.withSpread(new Beam(power));
    }

    /** 0 for a source whose beam is not told by one angle. */
    private static double beamAngle(Source source) {
        if (source instanceof MainsFlash head) {
            return head.beamAngle();
        } else if (source instanceof LedPoint spot) {
            return spot.beamAngle();
        }
        return source instanceof LedPanel panel ? panel.beamAngle() : 0;
    }

    private static Source withBeamAngle(Source source, double angle) {
        if (source instanceof MainsFlash head) {
            return new MainsFlash(head.output(), angle, head.colourTemperature(), head.dial());
        } else if (source instanceof LedPoint spot) {
            return new LedPoint(spot.output(), angle, spot.colourTemperature(), spot.dial());
        } else if (source instanceof LedPanel panel) {
            return new LedPanel(panel.output(), angle, panel.colourTemperature(), panel.dial());
        }
        return source;
    }
}
