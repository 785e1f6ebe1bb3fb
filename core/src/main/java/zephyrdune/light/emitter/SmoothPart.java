package zephyrdune.light.emitter;

/**
 * A share of a face's brightness that is smooth over the patches it is spread over, and nothing beside them.
 *
 * @param patches where it is
 * @param evenness how bright it is there
 */
public record SmoothPart(SmoothPatches patches, Evenness evenness) {}
