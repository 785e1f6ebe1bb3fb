package zephyrdune.formats;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import zephyrdune.set.distribution.PhotometricType;
import zephyrdune.set.light.Disc;
import zephyrdune.set.light.Face;
import zephyrdune.set.light.Rectangle;
import zephyrdune.set.power.DialStep;
import zephyrdune.set.power.Dimming;
import zephyrdune.set.power.Fractions;
import zephyrdune.set.power.Percent;
import zephyrdune.set.source.MeasuredFlash;
import zephyrdune.set.source.MeasuredLamp;
import zephyrdune.set.source.Source;
import zephyrdune.units.measure.Refused;

/**
 * Reads photometric files of ANSI/IES LM-63, in the forms of 2002 and 2019 and the one of 1995 that they came from. The
 * grammar is from memory of the standard.
 *
 * <p>The lamp keeps the file's distribution as it is, times its multiplier and ballast factors. Its luminous opening
 * becomes the face: a rectangle, or a disc where the file gives negative sizes; where it gives none, a small disc. Tilt
 * data are read over: the lamp is used as it was measured.
 */
public final class Lm63Reader {

    /** Longest file read, in bytes. */
    public static final int LONGEST_FILE = 1_048_576;

    /** What was read. */
    public record Lamp(Source source, Face face) {}

    /** One's own keywords: that the intensities are candela seconds of one full flash; and kelvin. */
    static final String FLASH = "_FLASH";

    static final String COLOUR = "_COLOURTEMPERATURE";

    private static final Set<String> HEADERS = Set.of("IESNA:LM-63-1995", "IESNA:LM-63-2002", "IES:LM-63-2019");

    private static final Set<String> KEYWORDS = Set.of(
            "TEST",
            "TESTLAB",
            "TESTDATE",
            "TESTMETHOD",
            "ISSUEDATE",
            "DATE",
            "MANUFAC",
            "LUMCAT",
            "LUMINAIRE",
            "LAMPCAT",
            "LAMP",
            "BALLAST",
            "BALLASTCAT",
            "MAINTCAT",
            "DISTRIBUTION",
            "FLASHAREA",
            "COLORCONSTANT",
            "LAMPPOSITION",
            "NEARFIELD",
            "FILEGENINFO",
            "SEARCH",
            "OTHER",
            "MORE",
            "BLOCK",
            "ENDBLOCK");

    private static final double METRES_PER_FOOT = 0.3048;

    /** Colour temperature of a lamp whose file does not say one, kelvin. */
    private static final double UNSAID_TEMPERATURE = 5600;

    /** Across a luminous opening that the file leaves out, metres. */
    private static final double UNSAID_SIZE = 0.05;

    private final List<String> lines;
    private int line;
    private String name = "";
    private boolean flash;
    private double colourTemperature = UNSAID_TEMPERATURE;
    private NumberFeed feed;

    private Lm63Reader(List<String> lines) {
        this.lines = lines;
    }

    /** @throws BadFile naming the line that cannot be understood */
    public static Lamp read(byte[] file) throws BadFile {
        if (file.length > LONGEST_FILE) {
            throw bad("", "This file is too long for a lamp: at most %,d bytes are read".formatted(LONGEST_FILE));
        }
        List<String> lines =
                new String(file, StandardCharsets.ISO_8859_1).lines().toList();
        return new Lm63Reader(lines).lamp();
    }

    private Lamp lamp() throws BadFile {
        if (lines.isEmpty() || !HEADERS.contains(lines.get(0).strip())) {
            throw bad(
                    "line 1",
                    "This is not a photometric file that is known here: its first line must be IESNA:LM-63-2002 or IES:LM-63-2019");
        }
        line = 1;
        keywords();
        tilt();
        if (feed == null) {
            feed = NumberFeed.of(lines, line);
        }
        feed.count("number of lamps", 1, 1000);
        feed.number("lumens per lamp", -1, 1e9);
        double multiplier = feed.number("candela multiplier", 1e-9, 1e9);
        int verticals = feed.count("number of vertical angles", 2, 361);
        int horizontals = feed.count("number of horizontal angles", 1, 361);
        if ((long) verticals * horizontals > MeasuredLamp.MOST_INTENSITIES) {
            throw bad(
                    feed.place(),
                    "%d by %d angles are more than the %d intensities read here; thin the table out"
                            .formatted(verticals, horizontals, MeasuredLamp.MOST_INTENSITIES));
        }
        PhotometricType type = new PhotometricType[] {PhotometricType.C, PhotometricType.B, PhotometricType.A}
                [feed.count("photometric type", 1, 3) - 1];
        double toMetres = feed.count("units type", 1, 2) == 1 ? METRES_PER_FOOT : 1;
        double width = feed.number("luminous width", -100, 100) * toMetres;
        double length = feed.number("luminous length", -100, 100) * toMetres;
        feed.number("luminous height", -100, 100);
        double factor = feed.number("ballast factor", 1e-6, 100) * multiplier;
        factor *= filePhotometricFactor(
                feed.number("ballast-lamp photometric factor or file generation type", -1e9, 1e9));
        feed.number("input watts", 0, 1e7);
        List<Double> vertical = angles("vertical angle", verticals, type == PhotometricType.C ? 0 : -90, 180);
        List<Double> horizontal = angles("horizontal angle", horizontals, type == PhotometricType.C ? 0 : -90, 360);
        requireEnds(type, vertical, horizontal);
        List<Double> candela = new ArrayList<>();
        for (int i = 0; i < verticals * horizontals; i++) {
            candela.add(feed.number("intensity", 0, 1e12) * factor);
        }
        if (feed.left() > 0) {
            throw bad(feed.place(), "There are %d numbers more than the angles ask for".formatted(feed.left()));
        }
        return build(type, vertical, horizontal, candela, face(width, length));
    }

    private Lamp build(
            PhotometricType type, List<Double> vertical, List<Double> horizontal, List<Double> candela, Face face)
            throws BadFile {
        String clean = MeasuredLamp.NAME.clean(name);
        try {
            String called = clean.isEmpty() ? "Measured lamp" : clean;
            Source source = flash
                    ? new MeasuredFlash(
                            called,
                            type,
                            vertical,
                            horizontal,
                            candela,
                            colourTemperature,
                            new Fractions(7, DialStep.THIRD))
                    : new MeasuredLamp(
                            called,
                            type,
                            vertical,
                            horizontal,
                            candela,
                            colourTemperature,
                            new Percent(0.1, 0.01, Dimming.LINEAR));
            return new Lamp(source, face);
        } catch (Refused refused) {
            throw bad(refused.field(), refused.getMessage());
        }
    }

    /** In the form of 2019 this place holds how the file came about, 1.0 to 1.99999; before, a factor that is mostly 1. */
    private double filePhotometricFactor(double value) throws BadFile {
        if (lines.get(0).strip().equals("IES:LM-63-2019")) {
            return 1;
        }
        if (value <= 0) {
            throw bad(feed.place(), "The ballast-lamp photometric factor is %s; it must be above 0".formatted(value));
        }
        return value;
    }

    private void keywords() throws BadFile {
        while (line < lines.size() && !lines.get(line).strip().startsWith("TILT=")) {
            String text = lines.get(line).strip();
            int end = text.indexOf(']');
            if (!text.startsWith("[") || end < 0) {
                throw bad(place(line), "A keyword in brackets or TILT= was expected");
            }
            String keyword = text.substring(1, end).toUpperCase(Locale.ROOT);
            if (!keyword.startsWith("_") && !KEYWORDS.contains(keyword)) {
                throw bad(
                        place(line),
                        "[%s] is not a keyword of LM-63; one's own begin with _"
                                .formatted(NumberFeed.shorten(keyword)));
            }
            if (keyword.equals("LUMINAIRE") || name.isEmpty() && keyword.equals("LUMCAT")) {
                name = text.substring(end + 1).strip();
            }
            flash |= keyword.equals(FLASH);
            if (keyword.equals(COLOUR)) {
                colourTemperature = kelvin(text.substring(end + 1).strip());
            }
            line++;
        }
    }

    private double kelvin(String text) throws BadFile {
        try {
            return Double.parseDouble(text);
        } catch (NumberFormatException e) {
            throw bad(place(line), "[%s] needs a number of kelvin".formatted(COLOUR));
        }
    }

    private void tilt() throws BadFile {
        if (line >= lines.size()) {
            throw bad("", "The file ends before its TILT= line");
        }
        String tilt = lines.get(line).strip().substring("TILT=".length()).strip();
        line++;
        if (tilt.equals("INCLUDE")) {
            feed = NumberFeed.of(lines, line);
            feed.count("lamp-to-luminaire geometry", 1, 3);
            int pairs = feed.count("number of tilt angles", 1, 361);
            for (int i = 0; i < 2 * pairs; i++) {
                feed.number("tilt angle or factor", -1e6, 1e6);
            }
            return;
        }
        if (!tilt.equals("NONE")) {
            throw bad(place(line - 1), "Tilt data in a file of their own are not read; TILT must be NONE or INCLUDE");
        }
    }

    private List<Double> angles(String what, int count, double least, double most) throws BadFile {
        List<Double> angles = new ArrayList<>();
        double before = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < count; i++) {
            double angle = feed.number(what, least, most);
            if (angle <= before) {
                feed.back();
                throw bad(feed.place(), "The %ss must go up; %s follows %s".formatted(what, angle, before));
            }
            before = angle;
            angles.add(Math.toRadians(angle));
        }
        return angles;
    }

    /** The standard's spans: what lies between them cannot be told from what symmetry gives. */
    private static void requireEnds(PhotometricType type, List<Double> vertical, List<Double> horizontal)
            throws BadFile {
        double firstV = degrees(vertical, 0);
        double lastV = degrees(vertical, vertical.size() - 1);
        double firstH = degrees(horizontal, 0);
        double lastH = degrees(horizontal, horizontal.size() - 1);
        boolean spans;
        if (type == PhotometricType.C) {
            spans = firstH == 0 && Set.of(0.0, 90.0, 180.0, 360.0).contains(lastH) || firstH == 90 && lastH == 270;
            if (firstV != 0) {
                throw bad(
                        "",
                        "The vertical angles begin at %s; a light used here must be measured from 0, its axis, on"
                                .formatted(firstV));
            }
        } else {
            spans = (firstH == 0 || firstH == -90) && lastH == 90 && (firstV == 0 || firstV == -90) && lastV == 90;
        }
        if (!spans) {
            throw bad(
                    "",
                    type == PhotometricType.C
                            ? "The horizontal angles go from %s to %s; type C needs 0 alone, 0 to 90, 0 to 180, 0 to 360 or 90 to 270"
                                    .formatted(firstH, lastH)
                            : "Angles of types A and B must go from 0 or -90 to 90");
        }
    }

    private static double degrees(List<Double> radians, int index) {
        return Math.round(Math.toDegrees(radians.get(index)) * 1e6) / 1e6;
    }

    private static Face face(double width, double length) throws BadFile {
        try {
            if (width == 0 && length == 0) {
                return new Disc(UNSAID_SIZE);
            }
            if (width < 0 || length < 0) {
                return new Disc(Math.max(Math.abs(width), Math.abs(length)));
            }
            // width lies across the plane of 0 and 180 degrees, length along it
            return new Rectangle(width == 0 ? UNSAID_SIZE : width, length == 0 ? UNSAID_SIZE : length);
        } catch (Refused refused) {
            throw bad(
                    "luminous opening",
                    "A luminous opening of %s by %s m is no face that is known here: 0.005 to 3 m"
                            .formatted(width, length));
        }
    }

    private static String place(int lineIndex) {
        return "line " + (lineIndex + 1);
    }

    private static BadFile bad(String where, String detail) {
        return NumberFeed.bad(where, detail);
    }
}
