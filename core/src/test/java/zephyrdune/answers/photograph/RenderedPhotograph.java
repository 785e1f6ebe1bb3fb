package zephyrdune.answers.photograph;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.hipparchus.util.FastMath;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.picture.Picture;
import zephyrdune.render.picture.SmallPicture;
import zephyrdune.render.picture.Switched;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.TextSpace;
import zephyrdune.set.dish.Carton;
import zephyrdune.set.dish.Plate;
import zephyrdune.set.dish.Prop;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.exposure.Srgb;

/**
 * A photograph of a set that was drawn by chance: a plate, a small box beside it, and a light that nobody has told of. As a JPEG file of quality 85, with
 * its marks put beside their places by two pixels.
 *
 * @param linear the picture before it was a file
 * @param read the picture as it is in the file
 */
record RenderedPhotograph(TableSet set, Picture linear, Picture read, PhotographMarks marks) {

    private static final double PLATE = 0.16;
    private static final double WIDE = 0.1;
    private static final double DEEP = 0.01; // the least that a carton may be
    private static final double STICK = 0.012;
    private static final double STICK_HEIGHT = 0.08;
    private static final double JITTER = 2;

    static RenderedPhotograph of(long seed, int width, int passes) {
        Random chance = new Random(seed);
        double clock = (chance.nextDouble() * 2 - 1) * Math.toRadians(110);
        double light = Math.toRadians(30 + 30 * chance.nextDouble());
        double distance = 0.6 + 0.7 * chance.nextDouble();
        double size = 0.2 + 0.5 * chance.nextDouble();
        double high = 0.07 + 0.05 * chance.nextDouble();
        double side = chance.nextBoolean() ? 1 : -1;
        Vector3D box = Vector3D.of(side * 0.17 * Math.cos(clock), -side * 0.17 * Math.sin(clock), 0);
        // a menu card, within 20 degrees of square to the light
        double turn = FastMath.IEEEremainder(-clock + Math.toRadians(40 * chance.nextDouble() - 20), 2 * Math.PI);
        double elevation = Math.toRadians(30 + 35 * chance.nextDouble());
        TableSet set = Sets.chowder()
                .withCamera(new Camera(elevation, 0.07, 0.036, 0.024, 0.85, 0, 0, TextSpace.NONE))
                .withDish(new Plate(PLATE, 0.02, Surface.WHITE_CERAMIC, 0.07, 0.02, Surface.SMOKED_CHOWDER))
                .withProps(List.of(
                        new Prop(carton(WIDE, DEEP, high), box.getX(), box.getY(), 0, turn),
                        new Prop(carton(STICK, STICK, STICK_HEIGHT), -0.8 * box.getX(), -0.8 * box.getY(), 0, 0)))
                .withLight(Sets.box(
                        size, size, clock / Math.PI * 6 + (clock < 0 ? 12 : 0), Math.toDegrees(light), distance));
        Picture linear = SmallPicture.of(new Switched(set, Set.of()), width, passes);
        return new RenderedPhotograph(set, linear, asFile(linear), marks(set, box, high, turn, chance, width));
    }

    private static Carton carton(double wide, double deep, double high) {
        return new Carton(wide, deep, high, Surface.GREY_PAPER, 0, Surface.GREY_PAPER);
    }

    private static PhotographMarks marks(
            TableSet set, Vector3D box, double high, double turn, Random chance, int width) {
        Vector3D light = set.pose().centre();
        List<Vector3D> corners = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            double across = (i < 2 ? WIDE : -WIDE) / 2;
            double deep = (i % 2 == 0 ? DEEP : -DEEP) / 2;
            corners.add(box.add(Vector3D.of(
                    across * Math.cos(turn) - deep * Math.sin(turn),
                    across * Math.sin(turn) + deep * Math.cos(turn),
                    0)));
        }
        // the upright edge that throws the side of the shadow, on the side that the camera sees
        Vector3D away = Vector3D.of(box.getX() - light.getX(), box.getY() - light.getY(), 0)
                .normalize();
        Vector3D beside = Vector3D.of(-away.getY(), away.getX(), 0);
        Vector3D aside = beside.getY() < 0 ? beside : beside.negate();
        corners.sort((a, b) -> Double.compare(b.dot(aside), a.dot(aside)));
        Vector3D foot = corners.get(0);
        Vector3D top = foot.add(Vector3D.of(0, 0, high));
        Vector3D tip = shadow(top, light);
        double apparent = set.light().face().across() / light.norm();
        // a soft light's shadow has a full core only near its foot
        double along = Math.max(0.3, Math.min(0.7, 0.25 / apparent));
        Vector3D edge = foot.lerp(tip, along);
        Vector3D way = tip.subtract(foot).normalize();
        Vector3D out = Vector3D.of(-way.getY(), way.getX(), 0);
        out = out.dot(aside) > 0 ? out : out.negate();
        double wide = apparent * along * top.distance(tip);
        double reach = Math.min(0.8 * WIDE, 0.9 * wide + 0.004);
        Vector3D stick = box.multiply(-0.8);
        Vector3D point = stick.add(Vector3D.of(0, 0, STICK_HEIGHT));
        Jitter jitter = new Jitter(set, chance, width);
        List<Mark> rim = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            double round = i * Math.PI / 4;
            rim.add(jitter.mark(Vector3D.of(PLATE / 2 * Math.cos(round), PLATE / 2 * Math.sin(round), 0.02)));
        }
        Vector3D lit = edge.add(out.multiply(reach));
        Vector3D shaded = edge.subtract(out.multiply(reach));
        return new PhotographMarks(
                new RoundRim(rim, PLATE, 0.02),
                new KnownLens(0.07, 0.07),
                List.of(
                        new StandingThing(
                                jitter.mark(foot),
                                jitter.mark(top),
                                jitter.mark(tip),
                                List.of(new ShadowLine(jitter.mark(shaded), jitter.mark(lit)))),
                        new StandingThing(
                                jitter.mark(stick), jitter.mark(point), jitter.mark(shadow(point, light)), List.of())),
                List.of(
                        new ToneSpot(ToneSpot.Part.LIT_TABLE, jitter.mark(lit)),
                        new ToneSpot(ToneSpot.Part.SHADED_TABLE, jitter.mark(shaded))),
                List.of());
    }

    private static Vector3D shadow(Vector3D point, Vector3D light) {
        Vector3D way = light.subtract(point);
        return point.subtract(way.multiply(point.getZ() / way.getZ()));
    }

    private record Jitter(TableSet set, Random chance, int width) {

        Mark mark(Vector3D point) {
            Vector3D seen = Perspective.of(set).project(point);
            double height = width * 2 / 3.0;
            return new Mark(
                    within(seen.getX() + JITTER * (2 * chance.nextDouble() - 1) / width),
                    within(seen.getY() + JITTER * (2 * chance.nextDouble() - 1) / height));
        }

        private static double within(double share) {
            return Math.max(0, Math.min(1, share));
        }
    }

    /** Coded as sRGB and packed as JPEG, and back. */
    private static Picture asFile(Picture picture) {
        BufferedImage image = new BufferedImage(picture.width(), picture.height(), BufferedImage.TYPE_INT_RGB);
        byte[] codes = picture.srgb();
        for (int i = 0; i < codes.length / 3; i++) {
            image.setRGB(
                    i % picture.width(),
                    i / picture.width(),
                    (codes[3 * i] & 255) << 16 | (codes[3 * i + 1] & 255) << 8 | codes[3 * i + 2] & 255);
        }
        try {
            ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
            ImageWriteParam quality = writer.getDefaultWriteParam();
            quality.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            quality.setCompressionQuality(0.85f);
            ByteArrayOutputStream file = new ByteArrayOutputStream();
            writer.setOutput(ImageIO.createImageOutputStream(file));
            writer.write(null, new IIOImage(image, null, null), quality);
            BufferedImage back = ImageIO.read(new ByteArrayInputStream(file.toByteArray()));
            float[] linear = new float[codes.length];
            for (int i = 0; i < codes.length / 3; i++) {
                int rgb = back.getRGB(i % picture.width(), i / picture.width());
                for (int channel = 0; channel < 3; channel++) {
                    linear[3 * i + channel] = (float) Srgb.decode((rgb >> 16 - 8 * channel & 255) / 255.0);
                }
            }
            return new Picture(picture.width(), picture.height(), linear);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
