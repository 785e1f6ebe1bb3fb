package zephyrdune.light.illuminance;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.set.light.Light;

/**
 * Illuminance of a tilted rectangle from the catalogue's corner factors B-3 and B-4: seen from the point, the rectangle is a
 * sum of four corner rectangles, and the factor is a vector whose component along the normal counts, as long as the whole
 * rectangle is above the horizon.
 */
public final class HowellVector {

    private HowellVector() {}

    /** Lux for a luminance of 1 cd/m². */
    public static double illuminance(Light box, Vector3D point, Vector3D normal) {
        Vector3D toCentre = box.centre().subtract(point);
        double across = toCentre.dot(box.widthAxis());
        double up = toCentre.dot(box.heightAxis());
        double away = toCentre.dot(box.direction());
        double[] xs = {across - box.face().across() / 2, across + box.face().across() / 2};
        double[] ys = {up - box.face().along() / 2, up + box.face().along() / 2};
        double alongWidth = 0;
        double alongHeight = 0;
        double alongAxis = 0;
        for (int i = 0; i < 2; i++) {
            for (int j = 0; j < 2; j++) {
                double sign = i == j ? 1 : -1;
                double x = Math.abs(xs[i]);
                double y = Math.abs(ys[j]);
                double sx = Math.signum(xs[i]);
                double sy = Math.signum(ys[j]);
                alongWidth += sign * sy * HowellFactors.squareCorner(x, y, away);
                alongHeight += sign * sx * HowellFactors.squareCorner(y, x, away);
                alongAxis += sign * sx * sy * HowellFactors.parallelCorner(x, y, away);
            }
        }
        return Math.PI
                * (alongWidth * normal.dot(box.widthAxis())
                        + alongHeight * normal.dot(box.heightAxis())
                        + alongAxis * normal.dot(box.direction()));
    }
}
