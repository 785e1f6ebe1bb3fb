package zephyrdune.answers.tone;

/**
 * A tone curve that a bracket tells.
 *
 * @param residual root mean square of what the frames' places differ by from it, stops
 * @param darkest code that anything was seen of; below, the curve goes on as sRGB does
 * @param brightest likewise
 * @param frames of the bracket
 */
public record LearntToneCurve(ToneCurve curve, double residual, int darkest, int brightest, int frames) {}
