package zephyrdune.answers.readings;

import java.util.Optional;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.metering.MeteredLight;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Metering;

/** What is odd about where the meter reads, and what to do about it. */
final class MeterNote {

    /** With less of its light straight from the key than this, the meter is in a shadow. */
    private static final double HARDLY = 0.01;

    private MeterNote() {}

    static Optional<String> of(TableSet set, MeteredLight light) {
        boolean spot = set.exposure().metering().mode() == Metering.Mode.SPOT;
        String seen =
                switch (light.sight()) {
                    case GLASS ->
                        "The meter reads glass, which shows what is behind and mirrored in it: choose a matte place, or meter what comes there";
                    case HIDDEN ->
                        "Something stands before the metering point and is read in its place: choose another point, or meter what comes there";
                    case NOTHING ->
                        "There is nothing to be read at the metering point: choose a place on the hero or the table";
                    case SURFACE -> spot || light.key() >= HARDLY * light.dimmed() ? "" : inShadow(light);
                };
        if (seen.isEmpty() && spot && !Perspective.of(set).shows(light.place())) {
            seen = "The metering point is out of the frame";
        }
        return seen.isEmpty() ? Optional.empty() : Optional.of(seen);
    }

    private static String inShadow(MeteredLight light) {
        return light.dimmed() == 0
                ? ""
                : "The meter is in a shadow, and the exposure is for that: none of its light comes straight from the key";
    }
}
