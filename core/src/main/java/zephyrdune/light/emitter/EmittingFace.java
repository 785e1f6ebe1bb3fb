package zephyrdune.light.emitter;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.set.TableSet;
import zephyrdune.set.distribution.CosinePower;
import zephyrdune.set.distribution.Distribution;
import zephyrdune.set.distribution.GridCut;
import zephyrdune.set.distribution.Scattered;
import zephyrdune.set.distribution.Tube;
import zephyrdune.set.light.Aim;
import zephyrdune.set.light.Bare;
import zephyrdune.set.light.Beam;
import zephyrdune.set.light.Capped;
import zephyrdune.set.light.Disc;
import zephyrdune.set.light.EvenlyLit;
import zephyrdune.set.light.Gridded;
import zephyrdune.set.light.Honeycomb;
import zephyrdune.set.light.HotSpot;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.NoDoors;
import zephyrdune.set.light.Octagon;
import zephyrdune.set.light.OffRoom;
import zephyrdune.set.light.Pose;
import zephyrdune.set.light.PowerChoice;
import zephyrdune.set.light.Snooted;
import zephyrdune.set.light.Spread;
import zephyrdune.set.room.OpenRoom;
import zephyrdune.set.room.Room;
import zephyrdune.set.room.RoomSide;
import zephyrdune.set.room.SideWindow;
import zephyrdune.set.source.LedPanel;
import zephyrdune.set.source.LuxAtOneMetre;
import zephyrdune.units.measure.Remembered;
import zephyrdune.units.measure.Stops;

/**
 * A flat face that gives light to one side. Seen from the lit side, across points to the left when up points up.
 *
 * <p>For a flash every quantity of light stands for its integral over the flash: luminance in cd s/m², flux in lm s,
 * illuminance in lx s.
 *
 * @param centre metres
 * @param acrossHalf from the centre to the middle of a side, metres
 * @param upHalf from the centre to the middle of the upper side, square to the former, metres
 * @param luminance where the evenness is 1, seen along the axis, cd/m²
 * @param evenness of its places
 * @param distribution in which every part of the face sends its light
 */
@RecordBuilder
public record EmittingFace(
        Outline outline,
        Vector3D centre,
        Vector3D acrossHalf,
        Vector3D upHalf,
        double luminance,
        Evenness evenness,
        Distribution distribution)
        implements EmittingFaceBuilder.With {

    private static final double TAN_EIGHTH = Math.sqrt(2) - 1;
    private static final double SPECK = 1e-3;

    /** The face of a set's light at full power: as bright as what is left of its source's light makes it. */
    public static EmittingFace of(TableSet set) {
        return of(set.light(), set.room());
    }

    /** Of a light that stands by itself, without walls. */
    public static EmittingFace of(Light light) {
        return of(light, new OpenRoom());
    }

    /** A window of luminance 1. */
    public static EmittingFace of(SideWindow window) {
        return new EmittingFace(
                Outline.RECTANGLE,
                window.centre(),
                window.across().multiply(window.width() / 2),
                Vector3D.Unit.PLUS_Z.multiply(window.height() / 2),
                1,
                Evenness.EVEN,
                CosinePower.LAMBERTIAN);
    }

    /** How a light's face is filled does not change with its place, but for a wall's: every answer about a set asks for the same again. */
    private static final Remembered<Light, EmittingFace> FACES = new Remembered<>(64);

    public static EmittingFace of(Light light, Room room) {
        if (light.filling() instanceof OffRoom) {
            return made(light, room);
        }
        Light anywhere = light.with(there -> there.clock(0)
                .heightAngle(0)
                .distance(1)
                .aim(Aim.HERO)
                .power(0)
                .powerChoice(PowerChoice.FOLLOWS)
                .doors(new NoDoors()));
        return FACES.get(anywhere, () -> made(anywhere, room)).at(Pose.of(light, room));
    }

    private static EmittingFace made(Light light, Room room) {
        Distribution distribution = distribution(light);
        Pose pose = Pose.of(light, room);
        Outline outline = outline(light);
        if (light.filling() instanceof EvenlyLit || light.filling() instanceof HotSpot) {
            Evenness evenness = light.filling() instanceof HotSpot hot ? new Gaussian(hot.side()) : Evenness.EVEN;
            EmittingFace dark = new EmittingFace(
                    outline, pose.centre(), pose.acrossHalf(), pose.upHalf(), 0, evenness, distribution);
            return light.spread() instanceof Bare
                            && light.source() instanceof LedPanel panel
                            && panel.output() instanceof LuxAtOneMetre lux
                    ? dark.withLuminance(lux.atOneMetre() * passed(light) / NearField.atOneMetre(dark.withLuminance(1)))
                    : dark.withLuminance(axialIntensity(light) / dark.effectiveArea());
        }
        Filled filled = Filled.of(light, pose, room, outline);
        double luminance = filled.exitance() * passed(light) / perExitance(light);
        return new EmittingFace(
                outline,
                pose.centre(),
                // a face of no size gives no light, but has a place
                pose.lit() ? pose.acrossHalf() : RoomSide.CEILING.across().multiply(SPECK),
                pose.lit() ? pose.upHalf() : RoomSide.CEILING.up().multiply(SPECK),
                luminance,
                filled.evenness(),
                distribution);
    }

    private static Outline outline(Light light) {
        if (light.filling() instanceof OffRoom) {
            return Outline.RECTANGLE;
        }
        if (light.face() instanceof Disc) {
            return Outline.DISC;
        }
        return light.face() instanceof Octagon ? Outline.OCTAGON : Outline.RECTANGLE;
    }

    private static Distribution distribution(Light light) {
        if (light.spread() instanceof Bare) {
            return light.source().distribution();
        } else if (light.spread() instanceof Beam beam) {
            return new CosinePower(beam.power());
        } else if (light.spread() instanceof Gridded grid) {
            return new GridCut(grid.cellWidth() / grid.cellDepth());
        } else if (light.spread() instanceof Honeycomb comb) {
            return new Tube(comb.power(), Math.tan(comb.angle() / 2));
        } else if (light.spread() instanceof Snooted snoot) {
            return new Tube(snoot.power(), snoot.width() / snoot.length());
        } else if (light.spread() instanceof Capped cap) {
            return Scattered.of(light.source().distribution(), cap.straight());
        }
        return CosinePower.LAMBERTIAN;
    }

    /** Of the light after its losses: a grid or tube takes away from what comes into it, everything else shares it out anew. */
    private static double axialIntensity(Light light) {
        return light.spread() instanceof Bare
                ? light.source().axialIntensity() * passed(light)
                : light.source().flux() * passed(light) / perExitance(light);
    }

    /** Share of the light that is not lost on the way, nor along the axis of a grid. */
    private static double passed(Light light) {
        return Stops.ratio(-light.loss() - axialLoss(light.spread()));
    }

    private static double axialLoss(Spread spread) {
        if (spread instanceof Gridded grid) {
            return grid.axialLoss();
        } else if (spread instanceof Honeycomb comb) {
            return comb.axialLoss();
        }
        return spread instanceof Snooted snoot ? snoot.axialLoss() : 0;
    }

    /** Light that the face gives off, per area and axial luminance, before a grid or tube takes from it. */
    private static double perExitance(Light light) {
        if (light.spread() instanceof Gridded) {
            return CosinePower.LAMBERTIAN.flux();
        } else if (light.spread() instanceof Honeycomb comb) {
            return new CosinePower(comb.power()).flux();
        } else if (light.spread() instanceof Snooted snoot) {
            return new CosinePower(snoot.power()).flux();
        }
        return distribution(light).flux();
    }

    /** The part of it that is lit to a hundredth of its brightest place or more; itself where that is all of it. */
    public EmittingFace acting() {
        return uniform() ? this : ActingPart.of(this);
    }

    /** The same face somewhere else. */
    public EmittingFace at(Pose pose) {
        return new EmittingFace(
                outline, pose.centre(), pose.acrossHalf(), pose.upHalf(), luminance, evenness, distribution);
    }

    /** Whether it has the same luminance everywhere and from every side. */
    public boolean uniform() {
        return evenness.even() && distribution.equals(CosinePower.LAMBERTIAN);
    }

    /** Luminance at (across, up), each from -1 to 1, over {@link #luminance()}. */
    public double evenness(double across, double up) {
        return evenness.at(across, up);
    }

    /** Unit vector out of the lit side. */
    public Vector3D front() {
        return upHalf.cross(acrossHalf).normalize();
    }

    /** Square metres. */
    public double area() {
        return outline.area() * acrossHalf.norm() * upHalf.norm();
    }

    /** Mean luminance over {@link #luminance()}. */
    public double meanEvenness() {
        return evenness.mean(outline, 1);
    }

    /** Share of the face that would give as much light were it as bright all over as it is weighted by its own light. */
    public double usedShare() {
        return evenness.usedShare(outline);
    }

    private double effectiveArea() {
        return area() * meanEvenness();
    }

    /** Luminous intensity along {@link #front()}, candela. */
    public double axialIntensity() {
        return luminance * effectiveArea();
    }

    /** Luminous intensity from afar in a unit direction, candela. */
    public double intensity(Vector3D direction) {
        return axialIntensity() * relativeIntensity(direction);
    }

    /** Luminous intensity from afar in a unit direction, over {@link #axialIntensity()}. */
    public double relativeIntensity(Vector3D direction) {
        return distribution.relativeIntensity(
                direction.dot(acrossHalf.normalize()), direction.dot(upHalf.normalize()), direction.dot(front()));
    }

    /** Luminance of the place (across, up) towards a unit direction, cd/m²; zero from behind. */
    public double luminance(double across, double up, Vector3D direction) {
        double cosine = direction.dot(front());
        return cosine <= 0
                ? 0
                : luminance
                        * evenness(across, up)
                        * distribution.relativeIntensity(
                                direction.dot(acrossHalf.normalize()), direction.dot(upHalf.normalize()), cosine)
                        / cosine;
    }

    /** All its light, lumens. */
    public double flux() {
        return axialIntensity() * distribution.flux();
    }

    /** Corners, clockwise as seen from the lit side; of a disc, those of a polygon with so many sides and its area. */
    public List<Vector3D> corners(int discSides) {
        List<Vector3D> corners = new ArrayList<>();
        switch (outline) {
            case RECTANGLE -> {
                corners.add(at(-1, -1));
                corners.add(at(1, -1));
                corners.add(at(1, 1));
                corners.add(at(-1, 1));
            }
            case OCTAGON -> ring(corners, 8, Math.hypot(1, TAN_EIGHTH));
            case DISC -> {
                double turn = 2 * Math.PI / discSides;
                ring(corners, discSides, Math.sqrt(turn / Math.sin(turn)));
            }
            default -> throw new IllegalStateException(outline.name());
        }
        return corners;
    }

    private void ring(List<Vector3D> corners, int sides, double radius) {
        for (int i = 0; i < sides; i++) {
            double turn = 2 * Math.PI * (i + 0.5) / sides;
            corners.add(at(radius * Math.cos(turn), radius * Math.sin(turn)));
        }
    }

    /** The point at (across, up) on the face, each from -1 to 1. */
    public Vector3D at(double across, double up) {
        return centre.add(acrossHalf.multiply(across)).add(upHalf.multiply(up));
    }
}
