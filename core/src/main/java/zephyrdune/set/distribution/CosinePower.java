package zephyrdune.set.distribution;

/**
 * Intensity that falls as the cosine of the angle to the axis, raised to a power: 1 for a Lambertian face, more for a
 * beam.
 */
public record CosinePower(double power) implements Distribution {

    /** The same luminance from every side (J. H. Lambert, Photometria, 1760). */
    public static final CosinePower LAMBERTIAN = new CosinePower(1);

    /**
     * The beam whose intensity is half the axial one at half the beam angle from the axis.
     *
     * @param beamAngle full angle, radians, below pi
     */
    public static CosinePower ofBeamAngle(double beamAngle) {
        return new CosinePower(Math.log(0.5) / Math.log(Math.cos(beamAngle / 2)));
    }

    @Override
    public double relativeIntensity(double x, double y, double z) {
        if (z <= 0) {
            return 0;
        }
        return power == 1 ? z : Math.pow(z, power);
    }

    /** 2 pi / (power + 1). */
    @Override
    public double flux() {
        return 2 * Math.PI / (power + 1);
    }
}
