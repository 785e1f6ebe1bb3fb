package zephyrdune.server.frames;

import io.swagger.v3.oas.annotations.media.Schema;
import zephyrdune.answers.frame.RoomAlone;
import zephyrdune.set.TableSet;
import zephyrdune.units.exposure.SettingWords;

/**
 * What a frame without the lights says of the room.
 *
 * @param more stops by which the room is brighter than the set states
 * @param spread standard deviation of that
 * @param lux of the room then
 * @param set with the room so
 * @param under a correct exposure, stops, that the room alone lies
 * @param wanted stops under that are asked for; absent where the room is to be kept
 * @param dark settings that make the room count as gone, in words; empty where nothing is to be done, or no settings do
 * @param darkSet the set with the room so, under those settings; absent where there are none
 */
record RoomAloneAnswer(
        double more,
        double spread,
        double lux,
        TableSet set,
        double under,
        @Schema(types = {"number", "null"}) Double wanted,
        String dark,
        @Schema(nullable = true) TableSet darkSet) {

    static RoomAloneAnswer of(RoomAlone room) {
        return new RoomAloneAnswer(
                room.more(),
                room.spread(),
                room.set().ambient().illuminance(),
                room.set(),
                room.under(),
                room.wanted().isPresent() ? room.wanted().getAsDouble() : null,
                room.dark()
                        .map(dark -> SettingWords.all(dark.shutter(), dark.aperture(), dark.speed()))
                        .orElse(""),
                room.dark().map(room.set()::withExposure).orElse(null));
    }
}
