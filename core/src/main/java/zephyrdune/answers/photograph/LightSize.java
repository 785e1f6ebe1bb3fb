package zephyrdune.answers.photograph;

import java.util.OptionalDouble;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.emitter.Evenness;
import zephyrdune.light.emitter.Outline;
import zephyrdune.light.softness.ShadowEdge;
import zephyrdune.set.distribution.CosinePower;

/**
 * How large a light is that throws an edge so soft: the face, turned to the middle of the dish, whose {@link ShadowEdge} is as wide. Whether it is square or
 * round, nobody knows: between the two.
 */
final class LightSize {

    /** Sizes that are looked at, of the distance. */
    private static final double LEAST = 0.002;

    private static final double MOST = 3;

    private static final int STEPS = 30;
    private static final double ENOUGH = 1e-3;

    private LightSize() {}

    /**
     * @param centre of the light, metres
     * @param onEdge a point of what throws the edge
     * @param along what throws it, a unit vector
     * @return its side or its diameter, metres
     */
    static double of(Vector3D centre, SoftEdge edge, Vector3D onEdge, Vector3D along) {
        double square = matching(Outline.RECTANGLE, edge.square(), centre, edge, onEdge, along, centre.norm() / 2);
        double disc = matching(Outline.DISC, edge.disc(), centre, edge, onEdge, along, square);
        return Math.sqrt(square * disc);
    }

    /** By repeated proportion from a first guess: the edge is nearly as many times wider as the light is larger. */
    private static double matching(
            Outline outline,
            double width,
            Vector3D centre,
            SoftEdge edge,
            Vector3D onEdge,
            Vector3D along,
            double guess) {
        double size = guess;
        for (int i = 0; i < STEPS; i++) {
            OptionalDouble made = new ShadowEdge(
                            face(outline, size, centre), onEdge, along, edge.middle(), edge.out(), Vector3D.Unit.PLUS_Z)
                    .tenToNinety();
            boolean endless = made.isEmpty() || Double.isInfinite(made.getAsDouble());
            double ratio = endless ? 0.5 : width / made.getAsDouble();
            size = Math.max(LEAST * centre.norm(), Math.min(MOST * centre.norm(), size * ratio));
            if (Math.abs(ratio - 1) < ENOUGH) {
                break;
            }
        }
        return size;
    }

    private static EmittingFace face(Outline outline, double size, Vector3D centre) {
        Vector3D back = centre.normalize();
        Vector3D across = Vector3D.Unit.PLUS_Z.cross(back);
        Vector3D level = across.norm() > 1e-6 ? across.normalize() : Vector3D.Unit.PLUS_X;
        return new EmittingFace(
                outline,
                centre,
                level.multiply(size / 2),
                back.cross(level).multiply(size / 2),
                1,
                Evenness.EVEN,
                CosinePower.LAMBERTIAN);
    }
}
