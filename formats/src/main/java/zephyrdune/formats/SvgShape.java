package zephyrdune.formats;

import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.IllegalPathStateException;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.io.IOException;
import java.io.StringReader;
import java.util.Set;
import javax.xml.stream.XMLStreamReader;
import org.apache.batik.parser.AWTPathProducer;
import zephyrdune.units.measure.LineLimit;

/** Shapes of an SVG drawing by their elements and attributes. */
final class SvgShape {

    /** Elements that draw. */
    static final Set<String> ELEMENTS = Set.of("path", "rect", "circle", "ellipse", "polygon", "polyline");

    private SvgShape() {}

    static double number(String text) throws BadFile {
        try {
            double number = text.length() > PatternLimits.LONGEST_NUMBER ? Double.NaN : Double.parseDouble(text);
            if (Double.isFinite(number) && Math.abs(number) <= PatternLimits.FARTHEST) {
                return number;
            }
        } catch (NumberFormatException e) {
            // said below
        }
        throw new BadFile(
                "file",
                LineLimit.cut(text, PatternLimits.LONGEST_NUMBER),
                "A number of the drawing cannot be read, or is beyond %,.0f".formatted(PatternLimits.FARTHEST));
    }

    private static double attribute(XMLStreamReader reader, String name) throws BadFile {
        String text = reader.getAttributeValue(null, name);
        return text == null ? 0 : number(text.strip().replaceFirst("(px)$", ""));
    }

    static Shape of(String name, XMLStreamReader reader) throws BadFile {
        return switch (name) {
            case "rect" -> {
                double x = attribute(reader, "x");
                double y = attribute(reader, "y");
                double width = attribute(reader, "width");
                double height = attribute(reader, "height");
                double rx = Math.max(attribute(reader, "rx"), attribute(reader, "ry"));
                yield rx == 0
                        ? new Rectangle2D.Double(x, y, width, height)
                        : new RoundRectangle2D.Double(x, y, width, height, 2 * rx, 2 * rx);
            }
            case "circle" -> ellipse(reader, attribute(reader, "r"), attribute(reader, "r"));
            case "ellipse" -> ellipse(reader, attribute(reader, "rx"), attribute(reader, "ry"));
            case "path" -> {
                String path = reader.getAttributeValue(null, "d");
                yield path == null || path.isBlank() ? new Path2D.Double() : path(path);
            }
            default -> {
                String points = reader.getAttributeValue(null, "points");
                yield points == null || points.isBlank() ? new Path2D.Double() : path("M" + points + "Z");
            }
        };
    }

    private static Shape ellipse(XMLStreamReader reader, double rx, double ry) throws BadFile {
        double cx = attribute(reader, "cx");
        double cy = attribute(reader, "cy");
        return new Ellipse2D.Double(cx - rx, cy - ry, 2 * rx, 2 * ry);
    }

    private static Shape path(String path) throws BadFile {
        if ("Mm".indexOf(path.stripLeading().charAt(0)) < 0) {
            throw new BadFile("file", "", "A path of the drawing does not begin with a move (M); save it anew");
        }
        try {
            return AWTPathProducer.createShape(new StringReader(path), PathIterator.WIND_NON_ZERO);
        } catch (IOException | IllegalPathStateException e) {
            throw new BadFile("file", "", "A path of the drawing cannot be read; save it anew");
        }
    }
}
