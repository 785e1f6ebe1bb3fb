package zephyrdune.light.emitter;

import org.apache.commons.geometry.euclidean.threed.Vector3D;

/** Light of a face so near that its size matters. */
final class NearField {

    /** Places along each side that stand for the face: a tenth of a thousandth for a metre from a panel of a metre. */
    private static final int SIDE = 96;

    private NearField() {}

    /** Illuminance on its axis at one metre, where a light meter that faces it is held, lux. */
    static double atOneMetre(EmittingFace face) {
        Vector3D meter = face.centre().add(face.front());
        double cell = 4 * face.acrossHalf().norm() * face.upHalf().norm() / (SIDE * SIDE);
        double sum = 0;
        for (int i = 0; i < SIDE * SIDE; i++) {
            double across = 2 * (i % SIDE + 0.5) / SIDE - 1;
            double up = 2 * (i / SIDE + 0.5) / SIDE - 1;
            if (face.outline().holds(across, up)) {
                Vector3D way = meter.subtract(face.at(across, up));
                double squared = way.normSq();
                Vector3D direction = way.normalize();
                double cosine = direction.dot(face.front());
                sum += face.luminance(across, up, direction) * cosine * cosine / squared * cell;
            }
        }
        return sum;
    }
}
