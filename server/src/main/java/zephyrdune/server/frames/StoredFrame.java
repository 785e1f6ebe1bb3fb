package zephyrdune.server.frames;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.UUID;
import zephyrdune.answers.frame.FrameRegistration;

/**
 * A test frame of a set.
 *
 * @param name of its file
 * @param camera as its file names it; empty where it does not
 * @param takenAt by the camera's clock, which knows no zone; absent where the file does not tell
 * @param aperture f-number; absent where the file does not tell, and so with shutter, in seconds, and ISO speed
 * @param width pixels that are kept
 * @param bytes that are kept of it
 * @param stood whether it is known how the set stood when the frame was taken
 * @param lit whether the lights were on; otherwise it shows the room alone
 * @param registration how it lies on its picture; absent where it is taken as it came in
 * @param counts whether it counts for what is learnt of the kit: false where it is left out, true where it counts whatever others say
 */
public record StoredFrame(
        UUID id,
        String name,
        String camera,
        @Schema(types = {"string", "null"}) LocalDateTime takenAt,
        @Schema(types = {"number", "null"}) Double aperture,
        @Schema(types = {"number", "null"}) Double shutter,
        @Schema(types = {"number", "null"}) Double speed,
        int width,
        int height,
        long bytes,
        Instant addedAt,
        boolean stood,
        boolean lit,
        @Schema(nullable = true) FrameRegistration registration,

        @Schema(types = {"boolean", "null"}) Boolean counts) {}
