package zephyrdune.server.pictures;

import zephyrdune.render.picture.Picture;

/** A picture on its way out. */
record Frame(FrameNews news, Picture picture) {}
