package zephyrdune.answers.wall;

import java.util.ArrayList;
import java.util.List;
import zephyrdune.answers.frame.CameraSettings;
import zephyrdune.answers.frame.FrameFile;
import zephyrdune.answers.frame.PixelMean;
import zephyrdune.units.measure.Refused;

/**
 * The light of a frame of the wall, from its left to its right on the level of the beam's middle.
 *
 * @param points as far as they can be told
 * @param settings that the frame was taken with
 * @param shape height of the frame over its width
 */
public record WallProfile(List<Point> points, CameraSettings settings, double shape) {

    /** Points across the frame. */
    static final int COLUMNS = 121;

    /** Rows that are looked through for the beam's middle. */
    private static final int ROWS = 161;

    /** Half the height of the band that is read, as a share of the frame's width. */
    private static final double BAND = 0.01;

    /** A place of which more is as bright as the file can say is clipped. */
    private static final double MOST_CLIPPED = 0.02;

    /** Darker than this code of eight bits is the end of them. */
    private static final int BLACK = 3;

    /**
     * @param across share of the frame's width right of its middle, -0.5 to 0.5
     * @param light linear, 1 for the brightest that sRGB can say
     * @param noise its standard error, as a share
     */
    public record Point(double across, double light, double noise) {}

    public WallProfile {
        points = List.copyOf(points);
    }

    /** @throws Refused where the frame is clipped or black for the most part */
    public static WallProfile of(FrameFile file) {
        double height = (double) file.picture().height() / file.picture().width();
        double row = middle(file);
        List<Point> points = new ArrayList<>();
        int clipped = 0;
        for (int column = 0; column < COLUMNS; column++) {
            double across = (column + 0.5) / COLUMNS;
            PixelMean cell = cell(file, across, row);
            if (cell.clipped() > MOST_CLIPPED) {
                clipped++;
            } else if (cell.light() > file.curve().of(BLACK)) {
                points.add(new Point(cell.across() - 0.5, cell.light(), cell.uneven() / Math.sqrt(cell.count())));
            }
        }
        if (clipped > 0) {
            throw new Refused(
                    "file",
                    "The wall is clipped in %d of %d places across the frame: turn the light down, or close the aperture"
                            .formatted(clipped, COLUMNS));
        }
        if (points.size() < COLUMNS / 12) {
            throw new Refused(
                    "file", "Next to nothing of a beam is seen in this frame: turn the light up, or let more light in");
        }
        return new WallProfile(points, file.settings(), height);
    }

    /** The row halfway between where the beam falls to half above and below; the frame's own middle where it is not seen to fall. */
    private static double middle(FrameFile file) {
        double[] light = new double[ROWS];
        double most = 0;
        for (int i = 0; i < ROWS; i++) {
            light[i] = cell(file, 0.5, (i + 0.5) / ROWS).light();
            most = Math.max(most, light[i]);
        }
        int first = 0;
        while (light[first] < most / 2) {
            first++;
        }
        int last = ROWS - 1;
        while (light[last] < most / 2) {
            last--;
        }
        if (first == 0 || last == ROWS - 1) {
            return 0.5;
        }
        double above = first - crossing(light[first], light[first - 1], most / 2);
        double under = last + crossing(light[last], light[last + 1], most / 2);
        return ((above + under) / 2 + 0.5) / ROWS;
    }

    /** How far on the way from a brighter to a dimmer place a value lies. */
    private static double crossing(double brighter, double dimmer, double value) {
        return (brighter - value) / (brighter - dimmer);
    }

    /** A small part of the frame, as wide as the points are apart. */
    private static PixelMean cell(FrameFile file, double across, double down) {
        int width = file.picture().width();
        return PixelMean.ofRectangle(
                file, across, down, Math.max(0.5, 0.5 * width / COLUMNS), Math.max(0.5, BAND * width));
    }
}
