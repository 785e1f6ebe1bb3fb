package zephyrdune.answers.photograph;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.answers.photograph.PhotographLine.Kind;
import zephyrdune.answers.photograph.PhotographReading.Trouble;
import zephyrdune.render.picture.Picture;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.look.Aspect;
import zephyrdune.set.look.NamedLook;
import zephyrdune.units.colour.Chromaticity;
import zephyrdune.units.colour.Mired;
import zephyrdune.units.colour.WhiteBalance;
import zephyrdune.units.measure.Refused;

/** What marks tell, and what is said of those that tell nothing. */
public class PhotographMarksTest {

    private static final int WIDTH = 300;
    private static final int HEIGHT = 200;
    private static final KnownLens LENS = new KnownLens(0.085, 0.085);
    private static final Mark LEFT = new Mark(0.25, 0.5);
    private static final Mark RIGHT = new Mark(0.75, 0.5);

    /** The left half of one tone, the right half of another, each as red, green and blue. */
    private static Picture halves(double[] left, double[] right) {
        float[] linear = new float[3 * WIDTH * HEIGHT];
        for (int i = 0; i < linear.length; i++) {
            linear[i] = (float) (i / 3 % WIDTH < WIDTH / 2 ? left : right)[i % 3];
        }
        return new Picture(WIDTH, HEIGHT, linear);
    }

    private static double[] grey(double value) {
        return new double[] {value, value, value};
    }

    private static PhotographMarks spots(ToneSpot... spots) {
        return new PhotographMarks(new UnmarkedTable(), new UnknownLens(), List.of(), List.of(spots), List.of());
    }

    private static Optional<Estimate> told(PhotographReading reading, Kind kind) {
        return line(reading, kind).estimate();
    }

    private static PhotographLine line(PhotographReading reading, Kind kind) {
        return reading.lines().stream()
                .filter(line -> line.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void tonesAreRatiosOfLight() {
        PhotographReading reading = PhotographReading.of(
                halves(grey(0.72), grey(0.09)),
                spots(
                        new ToneSpot(ToneSpot.Part.LIT_SIDE, LEFT),
                        new ToneSpot(ToneSpot.Part.SHADOW_SIDE, RIGHT),
                        new ToneSpot(ToneSpot.Part.BACKDROP, LEFT)));
        assertThat(told(reading, Kind.CONTRAST).orElseThrow().value()).isCloseTo(3, within(1e-6));
        assertThat(line(reading, Kind.CONTRAST).word()).isEqualTo("dramatic");
        assertThat(told(reading, Kind.BACKDROP).orElseThrow().value()).isCloseTo(2, within(1e-6));
        assertThat(reading.tones().get(0).stops().orElseThrow()).isCloseTo(0, within(1e-6));
        assertThat(reading.tones().get(1).stops().orElseThrow()).isCloseTo(3, within(1e-6));
        assertThat(reading.troubles()).extracting(Trouble::field).containsExactly("plane");
    }

    @Test
    public void whatIsClippedIsNotTold() {
        PhotographReading reading = PhotographReading.of(
                halves(grey(1), grey(0.1)),
                spots(new ToneSpot(ToneSpot.Part.LIT_SIDE, LEFT), new ToneSpot(ToneSpot.Part.SHADOW_SIDE, RIGHT)));
        assertThat(told(reading, Kind.CONTRAST)).isEmpty();
        assertThat(line(reading, Kind.CONTRAST).note()).contains("as bright as the file can say");
        assertThat(reading.tones().get(0).stops()).isEmpty();
    }

    /** A table in warm light whose shadow is lit by daylight: the difference in mireds, whatever the table's colour. */
    @Test
    public void theShadesTintIsToldWhateverTheTablesColour() {
        double[] colour = {0.5, 0.3, 0.2};
        double[] warm = new WhiteBalance(6504).srgb(Mired.shifted(6504, 40));
        double[] lit = new double[3];
        double[] shaded = new double[3];
        for (int i = 0; i < 3; i++) {
            lit[i] = colour[i];
            shaded[i] = 0.3 * colour[i] * warm[i];
        }
        PhotographReading reading = PhotographReading.of(
                halves(lit, shaded),
                spots(new ToneSpot(ToneSpot.Part.LIT_TABLE, LEFT), new ToneSpot(ToneSpot.Part.SHADED_TABLE, RIGHT)));
        assertThat(told(reading, Kind.SHADE_TINT).orElseThrow().value()).isCloseTo(40, within(1.5));
        assertThat(Chromaticity.D65.temperature().orElseThrow()).isCloseTo(6504, within(10.0));
    }

    @DataProvider
    public Object[][] shapes() {
        return new Object[][] {
            {HighlightOutline.Shape.ROUND, 20, 20, true},
            {HighlightOutline.Shape.SQUARE, 20, 20, false},
            {HighlightOutline.Shape.LONG, 40, 10, false}
        };
    }

    @Test(dataProvider = "shapes")
    public void highlightsHaveTheShapeOfTheirLight(
            HighlightOutline.Shape shape, double across, double down, boolean round) {
        float[] linear = new float[3 * WIDTH * HEIGHT];
        for (int i = 0; i < WIDTH * HEIGHT; i++) {
            double x = (i % WIDTH - 150) / across;
            double y = (i / WIDTH - 100) / down;
            boolean lit = round ? x * x + y * y < 1 : Math.abs(x) < 1 && Math.abs(y) < 1;
            Arrays.fill(linear, 3 * i, 3 * i + 3, lit ? 1f : 0.1f);
        }
        Picture picture = new Picture(WIDTH, HEIGHT, linear);
        HighlightOutline found = HighlightOutline.of(picture, new Mark(0.48, 0.51), "highlights[0]");
        assertThat(found.shape()).isEqualTo(shape);
        assertThat(found.middle().across()).isCloseTo(0.5, within(0.01));
        assertThat(found.middle().down()).isCloseTo(0.5, within(0.01));
        assertThatThrownBy(() -> HighlightOutline.of(picture, new Mark(0.1, 0.1), "highlights[0]"))
                .isInstanceOf(Refused.class);
    }

    private static PhotographReading reading(StandingThing... things) {
        TableSet set = Sets.chowder();
        return PhotographReading.of(
                halves(grey(0.2), grey(0.2)),
                new PhotographMarks(
                        new RoundRim(SingleViewTest.circle(set, 0, 0, 0, 0.2, 8), 0.2, 0),
                        LENS,
                        List.of(things),
                        List.of(),
                        List.of()));
    }

    private static StandingThing stick(double x, Vector3D light) {
        return SingleViewTest.stick(Sets.chowder(), Vector3D.of(x, 0, 0), 0.05, light);
    }

    @Test
    public void marksThatTellNothingAreNamedAndTheOthersRead() {
        Vector3D light = Vector3D.of(-0.5, 0.3, 0.6);
        StandingThing good = stick(0, light);
        StandingThing swapped = new StandingThing(good.top(), good.foot(), good.tip(), List.of());
        PhotographReading one = reading(good, swapped);
        assertThat(one.troubles()).extracting(Trouble::field).containsExactly("things[1].top");
        assertThat(told(one, Kind.CLOCK)).isPresent();
        PhotographReading other = reading(good, stick(0.05, Vector3D.of(0.6, -0.4, 0.3)));
        assertThat(other.troubles()).extracting(Trouble::field).containsExactly("things[1].tip");
        assertThat(told(other, Kind.CLOCK)).isEmpty();
        PhotographReading edgeless = reading(
                new StandingThing(good.foot(), good.top(), good.tip(), List.of(new ShadowLine(good.foot(), RIGHT))));
        assertThat(edgeless.troubles()).extracting(Trouble::field).containsExactly("things[0].edges[0]");
        assertThat(edgeless.troubles().get(0).what()).contains("no shadow's edge");
        assertThat(line(reading(), Kind.CLOCK).note()).contains("Mark foot, top and shadow tip");
    }

    @Test
    public void aLookIsTheMedianOfSeveralPhotographsAsWideAsTheyDiffer() {
        List<PhotographReading> three = List.of(
                reading(stick(0, Vector3D.of(-0.6, 0.4, 0.5))),
                reading(stick(0, Vector3D.of(-0.5, 0.5, 0.5))),
                reading(stick(0, Vector3D.of(0.1, 0.7, 0.5))));
        NamedLook look = UsualLook.of(three, "Theirs");
        double middle = told(three.get(1), Kind.CLOCK).orElseThrow().value();
        assertThat(look.band(Aspect.DIRECTION).orElseThrow().nearest(-middle)).isEqualTo(-middle);
        NamedLook alone = UsualLook.of(three.subList(1, 2), "Theirs");
        assertThat(alone.band(Aspect.DIRECTION).orElseThrow().to()
                        - alone.band(Aspect.DIRECTION).orElseThrow().from())
                .isCloseTo(Math.PI / 6, within(1e-9));
        assertThat(look.why()).contains("3 photographs");
        assertThatThrownBy(() -> UsualLook.of(List.of(reading()), "Theirs")).isInstanceOf(Refused.class);
    }
}
