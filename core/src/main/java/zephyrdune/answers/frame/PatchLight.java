package zephyrdune.answers.frame;

import zephyrdune.units.measure.Stops;

/**
 * What a patch says of the lights, of the room and of the surface that it lies on, in proportion about what was found so far. The lights give so many stops more than
 * predicted, the room likewise: together log2 of (1 - room) 2^light + room 2^roomLight.
 *
 * @param lights slope by the lights
 * @param room slope by the room's own light
 * @param value measured, as a sum of slopes times stops
 * @param spread standard deviation of that by itself
 */
public record PatchLight(double lights, double room, double value, double spread) {

    /** How well a patch is hit, and what its light comes by where that is not the key itself, stops: common practice, no published source. */
    private static final double PLACED = 0.05;

    private static final double BY_OTHERS = 0.2;

    /** @param patch predicted and measured */
    public static PatchLight of(PatchReading patch, double light, double roomLight) {
        double predicted = patch.shares().room();
        double lights = (1 - predicted) * Stops.ratio(light);
        double room = predicted * Stops.ratio(roomLight);
        double share = room / (lights + room);
        double there = Stops.between(lights + room, 1);
        double value = patch.off().orElseThrow() - there + (1 - share) * light + share * roomLight;
        double own = Math.hypot(PLACED, Math.hypot(patch.predictedError(), patch.uneven() / 2));
        return new PatchLight(1 - share, share, value, patch.patch().part().lit() ? own : Math.hypot(own, BY_OTHERS));
    }
}
