package zephyrdune.answers.tone;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.render.picture.Picture;
import zephyrdune.units.exposure.Srgb;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Stops;

/** Curves that are known come back from brackets of synthetic frames, with photon noise and eight bits. */
public class ToneCurveFitTest {

    private static final int WIDTH = 240;
    private static final int HEIGHT = 160;
    private static final double ELECTRONS = 20_000;

    /** Codes, 0 to 1, to light. The last bends as the characteristic curve of a film, a logistic function of log exposure. */
    @DataProvider
    public static Object[][] curves() {
        DoubleUnaryOperator srgb = Srgb::decode;
        DoubleUnaryOperator bt709 = v -> v < 0.081 ? v / 4.5 : Math.pow((v + 0.099) / 1.099, 1 / 0.45);
        DoubleUnaryOperator power = v -> Math.pow(v, 2.2);
        DoubleUnaryOperator film = v -> v == 0 ? 0 : Math.exp(1.3 * (Math.log(v / 1.02 / (1 - v / 1.02)) + 0.15)) / 12;
        return new Object[][] {
            {"sRGB, IEC 61966-2-1", srgb},
            {"ITU-R BT.709 (from memory)", bt709},
            {"power of 2.2", power},
            {"film", film}
        };
    }

    @Test(dataProvider = "curves")
    public void aKnownCurveComesBackWithinTwoPercent(String name, DoubleUnaryOperator decode) {
        ToneCurve known = known(decode);
        LearntToneCurve learnt = ToneCurveFit.of(bracket(known, -2, -1, 0, 1, 2));
        assertThat(learnt.darkest()).isLessThan(17);
        assertThat(learnt.brightest()).isGreaterThan(225);
        assertThat(learnt.frames()).isEqualTo(5);
        for (int code = learnt.darkest(); code <= learnt.brightest(); code++) {
            assertThat(learnt.curve().of(code) / known.of(code))
                    .as("%s, code %d", name, code)
                    .isCloseTo(1, within(0.02));
        }
        assertThat(learnt.residual()).isLessThan(0.02);
    }

    @Test
    public void unequalStepsTellItToo() {
        ToneCurve known = known(v -> Math.pow(v, 1.8));
        LearntToneCurve learnt = ToneCurveFit.of(bracket(known, -1.7, 0, 1.3));
        for (int code = learnt.darkest(); code <= learnt.brightest(); code++) {
            assertThat(learnt.curve().of(code) / known.of(code))
                    .as("code " + code)
                    .isCloseTo(1, within(0.03));
        }
    }

    @Test
    public void theOrderOfFramesDoesNotMatter() {
        ToneCurve known = known(Srgb::decode);
        LearntToneCurve one = ToneCurveFit.of(bracket(known, -2, 0, 2));
        LearntToneCurve other = ToneCurveFit.of(bracket(known, 2, -2, 0));
        for (int code = one.darkest(); code <= one.brightest(); code++) {
            assertThat(other.curve().of(code) / one.curve().of(code)).isCloseTo(1, within(0.01));
        }
    }

    @Test
    public void whatTellsNoCurveIsRefusedWithWhatWould() {
        ToneCurve curve = ToneCurve.SRGB;
        assertThatThrownBy(() -> ToneCurveFit.of(bracket(curve, 0, 2)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("3 frames or more");
        assertThatThrownBy(() -> ToneCurveFit.of(bracket(curve, 0, 0.3, 0.6)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("alike within 0.6 stop");
        List<BracketFrame> black = Stream.of(-2.0, 0.0, 2.0)
                .map(stops -> new BracketFrame(even(0), stops))
                .toList();
        assertThatThrownBy(() -> ToneCurveFit.of(black))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("Too little of these frames");
        List<BracketFrame> sizes = new ArrayList<>(bracket(curve, -2, 0));
        sizes.add(new BracketFrame(new Picture(6, 6, new float[108]), 2));
        assertThatThrownBy(() -> ToneCurveFit.of(sizes))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("of one size");
    }

    /** Settings that are told but not what the camera did, or a room that changed: no curve fits. */
    @Test
    public void framesThatAgreeOnNoCurveAreRefused() {
        List<BracketFrame> frames = new ArrayList<>(bracket(ToneCurve.SRGB, -2, -1, 0, 1, 2));
        // half the table in a cloud's shadow, frame by frame more
        for (int i = 0; i < frames.size(); i++) {
            frames.set(
                    i,
                    new BracketFrame(
                            shaded(frames.get(i).picture(), 0.5 * i),
                            frames.get(i).stops()));
        }
        assertThatThrownBy(() -> ToneCurveFit.of(frames))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("agree on no curve");
    }

    private static Picture shaded(Picture picture, double stops) {
        float[] linear = picture.linear().clone();
        for (int i = 0; i < linear.length; i++) {
            if (i / 3 / WIDTH < HEIGHT / 2) {
                linear[i] *= (float) Stops.ratio(-stops);
            }
        }
        return new Picture(WIDTH, HEIGHT, linear);
    }

    private static Picture even(double light) {
        float[] linear = new float[3 * WIDTH * HEIGHT];
        Arrays.fill(linear, (float) light);
        return new Picture(WIDTH, HEIGHT, linear);
    }

    private static ToneCurve known(DoubleUnaryOperator decode) {
        double grey = Srgb.decode(118 / 255.0) / decode.applyAsDouble(118 / 255.0);
        return new ToneCurve(IntStream.range(0, 256)
                .mapToObj(code -> grey * decode.applyAsDouble(code / 255.0))
                .toList());
    }

    private static List<BracketFrame> bracket(ToneCurve curve, double... stops) {
        return DoubleStream.of(stops)
                .mapToObj(more ->
                        new BracketFrame(frame(curve, more, new SplittableRandom((long) (100 + 7 * more))), more))
                .toList();
    }

    /** Soft patches of all tones over nine stops, in three slightly different colours. */
    private static Picture frame(ToneCurve curve, double stops, SplittableRandom noise) {
        float[] light = new float[3 * WIDTH * HEIGHT];
        for (int i = 0; i < light.length; i++) {
            int column = i / 3 % WIDTH;
            int row = i / 3 / WIDTH;
            double tone = -7.5 + 9.0 * column / WIDTH + 0.8 * Math.sin(0.05 * row) + 0.2 * (i % 3);
            double electrons = 0.18 * Stops.ratio(tone + stops) * ELECTRONS;
            light[i] = (float) Math.max(0, (electrons + Math.sqrt(electrons + 16) * noise.nextGaussian()) / ELECTRONS);
        }
        return eightBits(curve.written(new Picture(WIDTH, HEIGHT, light)));
    }

    private static Picture eightBits(Picture read) {
        float[] codes = new float[read.linear().length];
        for (int i = 0; i < codes.length; i++) {
            codes[i] = (float) Srgb.decode(Srgb.code(read.linear()[i]) / 255.0);
        }
        return new Picture(read.width(), read.height(), codes);
    }
}
