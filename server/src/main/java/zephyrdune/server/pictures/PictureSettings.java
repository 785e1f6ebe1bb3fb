package zephyrdune.server.pictures;

import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * How fine pictures on the screen get.
 *
 * @param doneAt when 95 % of its pixels are within this, one is done, stops
 */
@ConfigurationProperties("zephyrdune.pictures")
record PictureSettings(double doneAt) {}
