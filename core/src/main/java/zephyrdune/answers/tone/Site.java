package zephyrdune.answers.tone;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import zephyrdune.render.picture.Picture;
import zephyrdune.units.exposure.Srgb;

/**
 * One channel of a small square of the frames, evenly lit, whose light is the same in all but for the exposure.
 *
 * @param seen what each frame has of it that is neither clipped nor uneven
 */
record Site(List<Seen> seen) {

    /**
     * @param code mean over the square, between codes
     * @param stops by which the frame was exposed more
     * @param spread standard deviation of the mean code
     */
    record Seen(double code, double stops, double spread) {}

    /** Pixels of a square's side. */
    private static final int SIDE = 6;

    /** Codes nearer to either end have lost some of their pixels to it. */
    private static final double LEAST = 2;

    private static final double MOST = 250;

    /** Of a square with an edge in it, or with more noise than light, the mean code says little of the mean light: codes, and stops. */
    private static final double UNEVEN = 6;

    private static final double UNEVEN_STOPS = 0.2;

    /** What a mean cannot be trusted beyond: what JPEG files leave of a square, codes. */
    private static final double WRITTEN = 0.15;

    /** Places of alike brightness say the same: so many of each sixteenth of the codes. */
    private static final int BAND = 16;

    private static final int OF_A_BAND = 40;

    Site {
        seen = List.copyOf(seen);
    }

    /** Even squares of all tones. */
    static List<Site> of(List<BracketFrame> frames) {
        Picture first = frames.get(0).picture();
        Map<Integer, List<Site>> bands = new TreeMap<>();
        for (int top = 0; top + SIDE <= first.height(); top += SIDE) {
            for (int left = 0; left + SIDE <= first.width(); left += SIDE) {
                for (int channel = 0; channel < 3; channel++) {
                    Site site = at(frames, left, top, channel);
                    if (site.seen.size() > 1) {
                        bands.computeIfAbsent(site.band(), band -> new ArrayList<>())
                                .add(site);
                    }
                }
            }
        }
        return bands.values().stream().flatMap(Site::some).toList();
    }

    /** Some of many, spread over the picture: were it the evenest, noise would choose. */
    private static Stream<Site> some(List<Site> sites) {
        int every = Math.max(1, sites.size() / OF_A_BAND);
        return IntStream.range(0, sites.size()).filter(at -> at % every == 0).mapToObj(sites::get);
    }

    private static Site at(List<BracketFrame> frames, int left, int top, int channel) {
        List<Seen> seen = new ArrayList<>();
        for (BracketFrame frame : frames) {
            double sum = 0;
            double squares = 0;
            for (int row = top; row < top + SIDE; row++) {
                for (int column = left; column < left + SIDE; column++) {
                    int code = Srgb.code(frame.picture().at(column, row, channel));
                    sum += code;
                    squares += (double) code * code;
                }
            }
            double count = SIDE * SIDE;
            double mean = sum / count;
            double uneven = Math.sqrt(Math.max(0, squares / count - mean * mean));
            if (mean > LEAST + 2 * uneven && mean < MOST - 2 * uneven && even(mean, uneven)) {
                seen.add(new Seen(mean, frame.stops(), Math.hypot(uneven / SIDE, WRITTEN)));
            }
        }
        return new Site(seen);
    }

    private static boolean even(double mean, double uneven) {
        int code = (int) mean;
        double stops = uneven * (ToneCurve.SRGB.stops(code + 1) - ToneCurve.SRGB.stops(code));
        return uneven < UNEVEN && stops < UNEVEN_STOPS;
    }

    private int band() {
        return (int) (seen.get(seen.size() / 2).code / BAND);
    }
}
