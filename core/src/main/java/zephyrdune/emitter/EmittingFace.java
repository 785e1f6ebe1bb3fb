package zephyrdune.emitter;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.distribution.CosinePower;
import zephyrdune.distribution.Distribution;
import zephyrdune.distribution.GridCut;
import zephyrdune.measure.Stops;
import zephyrdune.source.Source;
import zephyrdune.table.Bare;
import zephyrdune.table.Beam;
import zephyrdune.table.Disc;
import zephyrdune.table.Gridded;
import zephyrdune.table.Light;
import zephyrdune.table.Octagon;

/**
 * A flat face that gives light to one side. Seen from the lit side, across points to the left when up points up.
 *
 * <p>For a flash every quantity of light stands for its integral over the flash: luminance in cd s/m², flux in lm s,
 * illuminance in lx s.
 *
 * @param centre metres
 * @param acrossHalf from the centre to the middle of a side, metres
 * @param upHalf from the centre to the middle of the upper side, square to the former, metres
 * @param luminance of the centre, seen along the axis, cd/m²
 * @param hotSpot stops by which the middle of a side is dimmer than the centre; it falls off as a bell in between
 * @param distribution in which every part of the face sends its light
 */
public record EmittingFace(
        Outline outline,
        Vector3D centre,
        Vector3D acrossHalf,
        Vector3D upHalf,
        double luminance,
        double hotSpot,
        Distribution distribution) {

    private static final double LN_2 = Math.log(2);
    private static final double TAN_EIGHTH = Math.sqrt(2) - 1;

    /** The face of a light at full power: as bright as what is left of its source's light makes it. */
    public static EmittingFace of(Light light) {
        EmittingFace dark = new EmittingFace(
                outline(light),
                light.centre(),
                light.widthAxis().multiply(light.face().across() / 2),
                light.heightAxis().multiply(light.face().along() / 2),
                0,
                light.hotSpot(),
                distribution(light));
        return dark.withLuminance(axialIntensity(light) / dark.effectiveArea());
    }

    private static Outline outline(Light light) {
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
        }
        return CosinePower.LAMBERTIAN;
    }

    /** Of the light after its losses: a grid takes away from a diffuse face, everything else shares the flux out anew. */
    private static double axialIntensity(Light light) {
        Source source = light.source();
        double passed = Stops.ratio(-light.loss());
        if (light.spread() instanceof Bare) {
            return source.axialIntensity() * passed;
        }
        double flux = source.flux() * passed;
        if (light.spread() instanceof Gridded grid) {
            return flux * Stops.ratio(-grid.axialLoss()) / CosinePower.LAMBERTIAN.flux();
        }
        return flux / distribution(light).flux();
    }

    public EmittingFace withLuminance(double newLuminance) {
        return new EmittingFace(outline, centre, acrossHalf, upHalf, newLuminance, hotSpot, distribution);
    }

    /** Whether it has the same luminance everywhere and from every side. */
    public boolean uniform() {
        return hotSpot == 0 && distribution.equals(CosinePower.LAMBERTIAN);
    }

    /** Luminance at (across, up), each from -1 to 1, over that of the centre. */
    public double evenness(double across, double up) {
        return hotSpot == 0 ? 1 : Stops.ratio(-hotSpot * (across * across + up * up));
    }

    /** Unit vector out of the lit side. */
    public Vector3D front() {
        return upHalf.cross(acrossHalf).normalize();
    }

    /** Square metres. */
    public double area() {
        return outline.area() * acrossHalf.norm() * upHalf.norm();
    }

    /** Mean luminance over that of the centre. */
    public double meanEvenness() {
        return hotSpot == 0 ? 1 : outline.meanOfBell(hotSpot * LN_2);
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
        return axialIntensity()
                * distribution.relativeIntensity(
                        direction.dot(acrossHalf.normalize()),
                        direction.dot(upHalf.normalize()),
                        direction.dot(front()));
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
