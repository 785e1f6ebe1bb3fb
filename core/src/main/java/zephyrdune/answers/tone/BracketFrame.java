package zephyrdune.answers.tone;

import zephyrdune.render.picture.Picture;

/**
 * A frame of a bracket.
 *
 * @param picture read as if it were sRGB
 * @param stops by which it was exposed more than the settings that the others are told against
 */
public record BracketFrame(Picture picture, double stops) {}
