package zephyrdune.server.pictures;

import org.springframework.boot.context.properties.ConfigurationProperties;
import zephyrdune.render.picture.Progress;

/**
 * How fine pictures on the screen get.
 *
 * @param doneAt when 95 % of its pixels are within this, one is done, stops
 * @param widest no picture gets wider, pixels
 */
@ConfigurationProperties("zephyrdune.pictures")
record PictureSettings(double doneAt, int widest) {

    Progress.Quality quality() {
        return new Progress.Quality(doneAt, widest);
    }
}
