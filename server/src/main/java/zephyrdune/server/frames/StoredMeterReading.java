package zephyrdune.server.frames;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.UUID;
import zephyrdune.answers.frame.HandMeter;

/**
 * What somebody read off a hand meter.
 *
 * @param value as it was read off
 * @param off by how much there is more light than was predicted, stops; absent where none was predicted
 */
record StoredMeterReading(
        UUID id,
        HandMeter.Kind kind,
        double value,
        Instant readAt,
        @Schema(types = {"number", "null"}) Double off) {}
