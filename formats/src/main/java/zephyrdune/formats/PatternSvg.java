package zephyrdune.formats;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.apache.batik.parser.AWTTransformProducer;
import org.apache.batik.parser.ParseException;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import zephyrdune.set.card.Crossings;
import zephyrdune.set.card.EvenOdd;
import zephyrdune.units.measure.Cancellation;
import zephyrdune.units.measure.LineLimit;

/**
 * The outlines of an SVG drawing (W3C, Scalable Vector Graphics 1.1): what lies within them is open. Filled shapes join; outlines that are
 * drawn but not filled are lines to cut along, and within two of them is card again.
 */
final class PatternSvg {

    private static final double MILLIMETRE = 0.001;

    /** Lengths of units that say how large a drawing is, metres (CSS Values 3: 96 px are an inch). */
    private static final Map<String, Double> UNITS = Map.of(
            "mm", MILLIMETRE, "cm", 0.01, "in", 0.0254, "pt", 0.0254 / 72, "pc", 0.0254 / 6, "q", MILLIMETRE / 4);

    private static final Pattern LENGTH = Pattern.compile("([0-9.]++(?:[eE][-+]?[0-9]++)?)\\s*+([a-zA-Z%]*+)");
    private static final Set<String> UNSEEN =
            Set.of("defs", "symbol", "clipPath", "mask", "marker", "pattern", "metadata", "title", "desc", "style");

    /** Elements that are refused, and what to do instead. */
    private static final Map<String, String> REFUSED = Map.of(
            "script", "The drawing holds a script; save it as plain SVG",
            "foreignObject", "The drawing holds something that is no drawing (foreignObject); save it as plain SVG",
            "image", "The drawing holds a picture; trace it into outlines, or upload the picture as PNG",
            "use", "The drawing refers to shapes elsewhere (use); turn clones into plain outlines",
            "text", "The drawing holds text; turn it into outlines");

    /**
     * @param open what is open, in the drawing's units, y downwards
     * @param width of what is open, metres; 0 where the drawing does not say
     */
    record Drawing(Geometry open, double width) {}

    /** What an element hands on to those within it. */
    private record Level(AffineTransform transform, boolean hidden, boolean filled) {}

    private final Deque<Level> levels = new ArrayDeque<>();
    private final List<Geometry> filled = new ArrayList<>();
    private final List<Geometry> lines = new ArrayList<>();
    private double metresPerUnit;
    private int shapes;
    private int corners;
    private int rings;

    private PatternSvg() {}

    static boolean maybe(byte[] file) {
        String start = new String(file, 0, Math.min(file.length, 4096), StandardCharsets.ISO_8859_1);
        return start.contains("<svg") || start.stripLeading().startsWith("<?xml");
    }

    static Drawing read(byte[] file) throws BadFile {
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(XMLInputFactory.IS_REPLACING_ENTITY_REFERENCES, false);
        PatternSvg svg = new PatternSvg();
        try {
            XMLStreamReader reader = factory.createXMLStreamReader(new ByteArrayInputStream(file));
            while (reader.hasNext()) {
                Cancellation.check();
                svg.take(reader, reader.next());
            }
        } catch (XMLStreamException | ParseException | IllegalArgumentException e) {
            throw new BadFile("file", "", "The SVG drawing is cut off or damaged; save it anew");
        }
        Geometry open = svg.open();
        return new Drawing(open, svg.metresPerUnit * open.getEnvelopeInternal().getWidth());
    }

    /** Filled shapes join; lines to cut along lie over them. */
    private Geometry open() throws BadFile {
        List<Geometry> all = new ArrayList<>(filled);
        all.addAll(lines);
        List<Coordinate[]> rings = new ArrayList<>();
        all.forEach(area -> rings.addAll(Rings.of(area)));
        requireFewCrossings(rings);
        List<Coordinate[]> cut =
                lines.stream().flatMap(area -> Rings.of(area).stream()).toList();
        Geometry within = EvenOdd.area(cut);
        return filled.isEmpty() ? within : UnaryUnionOp.union(filled).union(within);
    }

    private void take(XMLStreamReader reader, int event) throws BadFile {
        switch (event) {
            case XMLStreamConstants.DTD -> {
                if (reader.getText() != null && reader.getText().contains("[")) {
                    throw new BadFile("file", "", "The drawing defines entities of its own; save it as plain SVG");
                }
            }
            case XMLStreamConstants.ENTITY_REFERENCE ->
                throw new BadFile("file", "", "The drawing refers to entities; save it as plain SVG");
            case XMLStreamConstants.START_ELEMENT -> start(reader);
            case XMLStreamConstants.END_ELEMENT -> levels.pop();
            default -> {
                // words and comments draw nothing
            }
        }
    }

    private void start(XMLStreamReader reader) throws BadFile {
        String name = reader.getLocalName();
        Level above = levels.isEmpty() ? new Level(new AffineTransform(), false, true) : levels.peek();
        if (levels.isEmpty()) {
            if (!name.equals("svg")) {
                throw new BadFile("file", name, "This XML file is no SVG drawing");
            }
            size(reader);
        }
        if (levels.size() > PatternLimits.DEEPEST) {
            throw new BadFile(
                    "file",
                    "",
                    "The drawing's groups are nested deeper than %d; ungroup it".formatted(PatternLimits.DEEPEST));
        }
        boolean hidden = above.hidden
                || UNSEEN.contains(name)
                || TemplateSvg.NOT_CUT.equals(reader.getAttributeValue(null, "id"))
                || style(reader, "display").equals("none");
        if (!hidden && REFUSED.containsKey(name) || name.equals("script")) {
            throw new BadFile("file", name, REFUSED.get(name));
        }
        String fill = style(reader, "fill");
        AffineTransform transform = above.transform;
        String own = reader.getAttributeValue(null, "transform");
        if (own != null && !hidden) {
            transform = new AffineTransform(transform);
            transform.concatenate(AWTTransformProducer.createAffineTransform(own));
        }
        Level level = new Level(transform, hidden, fill.isEmpty() ? above.filled : !fill.equals("none"));
        levels.push(level);
        if (!hidden && SvgShape.ELEMENTS.contains(name)) {
            shapes++;
            if (shapes > PatternLimits.MOST_SHAPES) {
                throw new BadFile(
                        "file",
                        "",
                        "The drawing has more than %,d shapes; simplify it".formatted(PatternLimits.MOST_SHAPES));
            }
            boolean evenOdd = style(reader, "fill-rule").equals("evenodd");
            add(SvgShape.of(name, reader), level, evenOdd || !level.filled);
        }
    }

    /** An attribute of an element, or the same in its style; empty where it has neither. */
    private static String style(XMLStreamReader reader, String property) {
        String style = reader.getAttributeValue(null, "style");
        if (style != null) {
            for (String part : style.split(";")) {
                String[] pair = part.split(":", 2);
                if (pair.length == 2 && pair[0].strip().equals(property)) {
                    return pair[1].strip();
                }
            }
        }
        String attribute = reader.getAttributeValue(null, property);
        return attribute == null ? "" : attribute.strip();
    }

    /** How large a unit of the drawing is, where it says. */
    private void size(XMLStreamReader reader) throws BadFile {
        String box = reader.getAttributeValue(null, "viewBox");
        String stated = Optional.ofNullable(reader.getAttributeValue(null, "width"))
                .map(String::strip)
                .filter(text -> text.length() <= PatternLimits.LONGEST_NUMBER)
                .orElse("");
        Matcher width = LENGTH.matcher(stated);
        double units = 0;
        if (box != null) {
            String[] numbers = box.strip().split("[\\s,]+");
            units = numbers.length == 4 ? SvgShape.number(numbers[2]) : 0;
            if (!(units > 0) || !(SvgShape.number(numbers[3]) > 0)) {
                throw new BadFile(
                        "viewBox",
                        LineLimit.cut(box, PatternLimits.LONGEST_NUMBER),
                        "The view box has no width or no height");
            }
        }
        if (width.matches()) {
            Double metres = UNITS.get(width.group(2).toLowerCase(Locale.ROOT));
            double length = SvgShape.number(width.group(1));
            if (metres != null && length > 0) {
                metresPerUnit = units > 0 ? length * metres / units : metres;
            }
        }
    }

    private void add(Shape shape, Level level, boolean evenOdd) throws BadFile {
        Shape placed = level.transform.createTransformedShape(shape);
        Rectangle2D bounds = placed.getBounds2D();
        double reach = Math.max(
                Math.max(Math.abs(bounds.getMinX()), Math.abs(bounds.getMaxX())),
                Math.max(Math.abs(bounds.getMinY()), Math.abs(bounds.getMaxY())));
        if (!(reach <= PatternLimits.FARTHEST)) {
            throw new BadFile(
                    "file", "", "A shape of the drawing reaches beyond %,.0f".formatted(PatternLimits.FARTHEST));
        }
        double size = Math.max(bounds.getWidth(), bounds.getHeight());
        Path2D path = new Path2D.Double(evenOdd ? Path2D.WIND_EVEN_ODD : Path2D.WIND_NON_ZERO);
        path.append(new FlatteningPathIterator(placed.getPathIterator(null), Math.max(1e-9, size / 2000), 8), false);
        count(path);
        Geometry area = Rings.area(new Area(path));
        if (area.getDimension() == 2 && !area.isEmpty()) {
            (level.filled ? filled : lines).add(area);
        }
    }

    private void count(Path2D path) throws BadFile {
        for (PathIterator at = path.getPathIterator(null); !at.isDone(); at.next()) {
            int step = at.currentSegment(new double[6]);
            corners += step == PathIterator.SEG_LINETO ? 1 : 0;
            rings += step == PathIterator.SEG_MOVETO ? 1 : 0;
        }
        if (corners > PatternLimits.MOST_CORNERS || rings > PatternLimits.MOST_RINGS) {
            throw new BadFile(
                    "file",
                    "",
                    "The drawing has more than %,d corners or %,d outlines; simplify it"
                            .formatted(PatternLimits.MOST_CORNERS, PatternLimits.MOST_RINGS));
        }
        requireFewCrossings(Rings.along(path.getPathIterator(null)));
    }

    private static void requireFewCrossings(List<Coordinate[]> rings) throws BadFile {
        if (Crossings.moreThan(PatternLimits.MOST_CROSSINGS, rings)) {
            throw new BadFile(
                    "file",
                    "",
                    "The drawing's lines cross more than %,d times; draw outlines that do not cross, or fewer"
                            .formatted(PatternLimits.MOST_CROSSINGS));
        }
    }
}
