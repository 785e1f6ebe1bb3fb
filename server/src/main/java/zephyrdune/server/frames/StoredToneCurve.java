package zephyrdune.server.frames;

import java.time.Instant;
import zephyrdune.answers.tone.LearntToneCurve;

/**
 * A camera's tone curve that a bracket told.
 *
 * @param camera as its files name it
 * @param style the picture style that the camera was set to, in somebody's words
 * @param inUse whether the camera's frames are read by it
 */
record StoredToneCurve(String camera, String style, LearntToneCurve learnt, Instant learntAt, boolean inUse) {}
