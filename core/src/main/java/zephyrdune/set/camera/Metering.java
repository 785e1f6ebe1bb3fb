package zephyrdune.set.camera;

import java.util.Objects;

/** How the exposure is found: by which kind of meter, and where it reads. */
public record Metering(Mode mode, MeteringPoint point) {

    /** An incident meter on the hero's lit top. */
    public static final Metering USUAL = new Metering(Mode.INCIDENT, new HeroTop());

    /** Kinds of meters. */
    public enum Mode {
        /** Held at the point, it reads the light that comes there: a surface then comes out by its reflectance. */
        INCIDENT,
        /** From the camera, it reads how bright a degree round the point looks: that then comes out mid grey. */
        SPOT
    }

    public Metering {
        Objects.requireNonNull(mode);
        Objects.requireNonNull(point);
    }
}
