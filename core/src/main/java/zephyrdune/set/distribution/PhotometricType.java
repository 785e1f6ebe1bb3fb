package zephyrdune.set.distribution;

/** The three ways to lay the two angles of a photometric table round a light (ANSI/IES LM-75; from memory). */
public enum PhotometricType {
    /** Vertical polar axis: horizontal angle as longitude, vertical angle as latitude. */
    A,
    /** Polar axis from side to side: vertical angle as longitude, horizontal angle as latitude. */
    B,
    /** Polar axis along the beam: vertical angle from the beam, horizontal angle round it from "up". */
    C
}
