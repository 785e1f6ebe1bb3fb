package zephyrdune.bench;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Setup;
import zephyrdune.answers.photograph.KnownLens;
import zephyrdune.answers.photograph.Mark;
import zephyrdune.answers.photograph.PhotographMarks;
import zephyrdune.answers.photograph.PhotographReading;
import zephyrdune.answers.photograph.RoundRim;
import zephyrdune.answers.photograph.ShadowLine;
import zephyrdune.answers.photograph.StandingThing;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.PhotographFile;
import zephyrdune.render.lens.Perspective;

/** A photograph of 24 megapixels opened, and what is told by marks on it. */
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class PhotographBench extends Timed {

    private static final int WIDTH = 6000;
    private static final int HEIGHT = 4000;

    private byte[] file;
    private PhotographFile opened;
    private PhotographMarks marks;
    private Perspective view;

    /** A table lit from the left, in the shadow of something that ends softly along x = 5 cm. */
    @Setup
    public void take() throws IOException, BadFile {
        view = Perspective.of(DemoSet.CHOWDER.set());
        double edge = view.project(Vector3D.of(0.05, 0, 0)).getX();
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                double open = Math.max(0, Math.min(1, (x / (double) WIDTH - edge) / 0.06 + 0.5));
                int grey = 40 + (int) (120 * open) + (x * 31 + y * 17) % 7;
                image.setRGB(x, y, grey << 16 | grey << 8 | grey);
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", out);
        file = out.toByteArray();
        opened = PhotographFile.read(file);
        List<Mark> rim = IntStream.range(0, 8)
                .mapToObj(i -> at(0.1 * Math.cos(i * Math.PI / 4), 0.1 * Math.sin(i * Math.PI / 4), 0))
                .toList();
        marks = new PhotographMarks(
                new RoundRim(rim, 0.2, 0),
                new KnownLens(0.085, 0.085),
                List.of(
                        new StandingThing(
                                at(-0.05, 0, 0),
                                at(-0.05, 0, 0.08),
                                at(0.05, 0, 0),
                                List.of(new ShadowLine(at(0.01, 0, 0), at(0.09, 0, 0)))),
                        new StandingThing(at(0.08, 0.05, 0), at(0.08, 0.05, 0.06), at(0.16, 0.05, 0), List.of())),
                List.of(),
                List.of());
    }

    private Mark at(double x, double y, double z) {
        Vector3D seen = view.project(Vector3D.of(x, y, z));
        return new Mark(seen.getX(), seen.getY());
    }

    @Benchmark
    public PhotographFile opened() throws BadFile {
        return PhotographFile.read(file);
    }

    @Benchmark
    public PhotographReading told() {
        return PhotographReading.of(opened.picture(), marks);
    }
}
