package zephyrdune.light.illuminance;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.emitter.Outline;

/** Illuminance on small surfaces from one face; lux, or lux seconds of a flash. */
public sealed interface Illuminance permits ContourFormula, DiscFormula, UnevenFace, CutFace {

    /** Stated error of a reading where it is not exact: a share of the value. */
    double FINE = 2e-4;

    /** Stated error of maps and pictures where they are not exact: a share of the value, a fortieth of a stop. */
    double COARSE = 1.75e-2;

    /**
     * For a face of even Lambertian luminance the exact value; otherwise integrated until it is as sure as asked for.
     *
     * @param error wanted where it is integrated, as a share of the value
     */
    static Illuminance of(EmittingFace face, double error) {
        return face.uniform() ? uniform(face) : UnevenFace.of(face, error);
    }

    /** The exact illuminance were the face even, Lambertian and everywhere as bright as its centre. */
    static Illuminance uniform(EmittingFace face) {
        return face.outline() == Outline.DISC ? DiscFormula.of(face) : ContourFormula.of(face);
    }

    /** Illuminance at (px, py, pz) on a surface with unit normal (nx, ny, nz); zero behind the face. */
    double at(double px, double py, double pz, double nx, double ny, double nz);

    /** Illuminance at a point of a surface with unit normal {@code normal}. */
    default double at(Vector3D point, Vector3D normal) {
        return at(point.getX(), point.getY(), point.getZ(), normal.getX(), normal.getY(), normal.getZ());
    }

    /** Illuminance on a level surface that faces up. */
    default double level(double x, double y, double z) {
        return at(x, y, z, 0, 0, 1);
    }
}
