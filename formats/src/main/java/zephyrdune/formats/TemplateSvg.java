package zephyrdune.formats;

import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import zephyrdune.set.card.Card;

/** A card's cutting template as an SVG drawing (W3C, Scalable Vector Graphics 1.1) whose unit is the millimetre. */
public final class TemplateSvg {

    /** Room for the check rule and words under the card, millimetres. */
    private static final double FOOT = 24;

    private static final double RULE = 100;

    /** Of the group that is there to be read alone: what is opened again as a pattern is the rest. */
    static final String NOT_CUT = "not-cut";

    private final XMLStreamWriter xml;

    private TemplateSvg(XMLStreamWriter xml) {
        this.xml = xml;
    }

    /** @throws zephyrdune.units.measure.Refused where nothing is cut out of the card */
    public static byte[] write(String title, Card card) {
        Template template = Template.of(title, card);
        StringWriter text = new StringWriter();
        try {
            new TemplateSvg(XMLOutputFactory.newDefaultFactory().createXMLStreamWriter(text)).draw(template);
        } catch (XMLStreamException e) {
            throw new IllegalStateException(e);
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    private void draw(Template template) throws XMLStreamException {
        double wide = Math.max(template.width(), RULE + 4);
        double high = template.height() + FOOT;
        xml.writeStartDocument("UTF-8", "1.0");
        xml.writeStartElement("svg");
        xml.writeDefaultNamespace("http://www.w3.org/2000/svg");
        xml.writeAttribute("width", number(wide) + "mm");
        xml.writeAttribute("height", number(high) + "mm");
        xml.writeAttribute("viewBox", "0 0 " + number(wide) + " " + number(high));
        xml.writeStartElement("title");
        xml.writeCharacters(template.title());
        xml.writeEndElement();
        lines("cut");
        for (Template.Circle circle : template.circles()) {
            xml.writeEmptyElement("circle");
            xml.writeAttribute("cx", number(circle.across()));
            xml.writeAttribute("cy", number(template.height() - circle.up()));
            xml.writeAttribute("r", number(circle.radius()));
        }
        for (double[] line : template.lines()) {
            StringBuilder points = new StringBuilder();
            for (int i = 0; i < line.length; i += 2) {
                points.append(i == 0 ? "" : " ")
                        .append(number(line[i]))
                        .append(',')
                        .append(number(template.height() - line[i + 1]));
            }
            xml.writeEmptyElement("polygon");
            xml.writeAttribute("points", points.toString());
        }
        xml.writeEndElement();
        lines(NOT_CUT);
        edge(template);
        foot(template);
        xml.writeEndElement();
        xml.writeEndElement();
        xml.writeEndDocument();
    }

    private void lines(String id) throws XMLStreamException {
        xml.writeStartElement("g");
        xml.writeAttribute("id", id);
        xml.writeAttribute("fill", "none");
        xml.writeAttribute("stroke", "black");
        xml.writeAttribute("stroke-width", "0.2");
    }

    private void edge(Template template) throws XMLStreamException {
        xml.writeEmptyElement("rect");
        xml.writeAttribute("id", "card");
        xml.writeAttribute("width", number(template.width()));
        xml.writeAttribute("height", number(template.height()));
    }

    private void foot(Template template) throws XMLStreamException {
        double y = template.height() + 8;
        xml.writeEmptyElement("path");
        xml.writeAttribute("id", "check-rule");
        xml.writeAttribute("d", "M2 %s h%s".formatted(number(y), number(RULE)));
        xml.writeEmptyElement("path");
        xml.writeAttribute("d", "M2 %s v4 M%s %s v4".formatted(number(y - 2), number(2 + RULE), number(y - 2)));
        words(y + 6, "This line is 10 cm long when it is printed at its true size");
        words(y + 12, template.title());
    }

    private void words(double y, String words) throws XMLStreamException {
        xml.writeStartElement("text");
        xml.writeAttribute("x", "2");
        xml.writeAttribute("y", number(y));
        xml.writeAttribute("font-size", "4");
        xml.writeAttribute("font-family", "sans-serif");
        xml.writeAttribute("fill", "black");
        xml.writeAttribute("stroke", "none");
        xml.writeCharacters(words);
        xml.writeEndElement();
    }

    /** Millimetres to a thousandth. */
    private static String number(double value) {
        return String.format(Locale.ROOT, "%.3f", value).replaceFirst("\\.?0+$", "");
    }
}
