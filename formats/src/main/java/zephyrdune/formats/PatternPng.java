package zephyrdune.formats;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import zephyrdune.units.measure.Cancellation;

/** The open parts of a black-and-white PNG picture, followed along the grey half way (after W. E. Lorensen and H. E. Cline, 1987). */
final class PatternPng {

    private static final byte[] SIGNATURE = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'};

    /** Longest side on which outlines are followed; larger pictures are averaged down. */
    private static final int LONGEST = 320;

    private static final double HALF = 0.5;
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private PatternPng() {}

    static boolean is(byte[] file) {
        for (int i = 0; i < SIGNATURE.length; i++) {
            if (i >= file.length || file[i] != SIGNATURE[i]) {
                return false;
            }
        }
        return true;
    }

    static Geometry read(byte[] file, PatternFile.Open open) throws BadFile {
        BufferedImage image = decode(file);
        double longest = Math.max(image.getWidth(), image.getHeight());
        double scale = Math.min(1, LONGEST / longest);
        int width = Math.max(1, (int) Math.round(image.getWidth() * scale));
        int height = Math.max(1, (int) Math.round(image.getHeight() * scale));
        return followed(openness(image, width, height, open == PatternFile.Open.LIGHT), width, height);
    }

    private static BufferedImage decode(byte[] file) throws BadFile {
        Iterator<ImageReader> readers = ImageIO.getImageReadersByFormatName("png");
        ImageReader reader = readers.next();
        try (ImageInputStream input = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            reader.setInput(input, true, true);
            long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
            if (pixels > PatternLimits.MOST_PIXELS) {
                throw new BadFile(
                        "file",
                        "%d x %d".formatted(reader.getWidth(0), reader.getHeight(0)),
                        "The picture has %,d pixels; at most %,d are read, so make it smaller"
                                .formatted(pixels, PatternLimits.MOST_PIXELS));
            }
            return reader.read(0);
        } catch (IOException | RuntimeException broken) {
            throw new BadFile("file", "", "The PNG picture is cut off or damaged; save it anew");
        } finally {
            reader.dispose();
        }
    }

    /** How far each cell is open, 0 to 1, averaged over its pixels; clear pixels count as white. */
    private static double[] openness(BufferedImage image, int width, int height, boolean light) {
        double[] sums = new double[width * height];
        int[] counts = new int[width * height];
        int[] row = new int[image.getWidth()];
        for (int y = 0; y < image.getHeight(); y++) {
            image.getRGB(0, y, image.getWidth(), 1, row, 0, image.getWidth());
            int down = (int) ((long) y * height / image.getHeight());
            for (int x = 0; x < row.length; x++) {
                int cell = down * width + (int) ((long) x * width / row.length);
                int pixel = row[x];
                double covered = (pixel >>> 24) / 255.0;
                double grey = ((pixel >> 16 & 255) + (pixel >> 8 & 255) + (pixel & 255)) / 765.0;
                double white = 1 - covered * (1 - grey);
                sums[cell] += light ? white : 1 - white;
                counts[cell]++;
            }
        }
        for (int i = 0; i < sums.length; i++) {
            sums[i] /= counts[i];
        }
        return sums;
    }

    /** Areas above one half between the middles of cells; round the picture all is shut. */
    private static Geometry followed(double[] cells, int width, int height) throws BadFile {
        List<Polygon> areas = new ArrayList<>();
        for (int y = -1; y < height; y++) {
            Cancellation.check();
            if (areas.size() > PatternLimits.MOST_AREAS) {
                throw new BadFile(
                        "file",
                        "",
                        "The picture is too busy to be cut out, with thousands of openings; draw it in plain black and white");
            }
            int run = 0;
            for (int x = -1; x <= width; x++) {
                double[] corners = {
                    at(cells, width, height, x, y),
                    at(cells, width, height, x + 1, y),
                    at(cells, width, height, x + 1, y + 1),
                    at(cells, width, height, x, y + 1)
                };
                boolean full = x < width;
                for (double corner : corners) {
                    full &= corner >= HALF;
                }
                if (full) {
                    run++;
                    continue;
                }
                if (run > 0) {
                    areas.add(polygon(List.of(
                            new Coordinate(x - run, y),
                            new Coordinate(x, y),
                            new Coordinate(x, y + 1),
                            new Coordinate(x - run, y + 1))));
                    run = 0;
                }
                if (x < width) {
                    part(areas, corners, x, y);
                }
            }
        }
        return areas.isEmpty() ? FACTORY.createPolygon() : UnaryUnionOp.union(areas);
    }

    /** The part of one square that is open: its open corners, and places on the sides between an open and a shut one. */
    private static void part(List<Polygon> areas, double[] corners, int x, int y) {
        int[] across = {0, 1, 1, 0};
        int[] down = {0, 0, 1, 1};
        List<Coordinate> outline = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            int next = (i + 1) % 4;
            if (corners[i] >= HALF) {
                outline.add(new Coordinate(x + across[i], y + down[i]));
            }
            if (corners[i] >= HALF != corners[next] >= HALF) {
                // from the same end in both squares that share the side
                boolean ahead = across[i] < across[next] || down[i] < down[next];
                double from = ahead ? corners[i] : corners[next];
                double to = ahead ? corners[next] : corners[i];
                double share = (HALF - from) / (to - from);
                outline.add(new Coordinate(
                        x + (across[i] == across[next] ? across[i] : share),
                        y + (down[i] == down[next] ? down[i] : share)));
            }
        }
        if (outline.size() >= 3) {
            Polygon area = polygon(outline);
            if (area.getArea() > 0) {
                areas.add(area);
            }
        }
    }

    private static double at(double[] cells, int width, int height, int x, int y) {
        return x < 0 || y < 0 || x >= width || y >= height ? 0 : cells[y * width + x];
    }

    private static Polygon polygon(List<Coordinate> outline) {
        List<Coordinate> ring = new ArrayList<>(outline);
        ring.add(outline.get(0));
        return FACTORY.createPolygon(ring.toArray(Coordinate[]::new));
    }
}
