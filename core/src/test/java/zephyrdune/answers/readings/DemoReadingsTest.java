package zephyrdune.answers.readings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.Test;
import zephyrdune.light.illuminance.HowellVector;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.card.RoundHoles;
import zephyrdune.set.light.Light;
import zephyrdune.set.surface.Surface;

/**
 * The readings of the demo's first set against closed forms: Howell's configuration factors B-3 (parallel) and B-4 (square)
 * put together over the corners of the tilted face, and similar triangles.
 */
public class DemoReadingsTest {

    private static final double A_THOUSANDTH_OF_A_STOP = 0.001;
    private static final Vector3D UP = Vector3D.Unit.PLUS_Z;

    private final TableSet set = Sets.chowder();

    private double read(ReadingKind kind) {
        return Readings.of(set).stream()
                .filter(reading -> reading.kind() == kind)
                .findFirst()
                .orElseThrow()
                .value()
                .orElseThrow();
    }

    /** Illuminance by the catalogue's closed forms, for luminance 1. */
    private double closedForm(Vector3D point, Vector3D normal) {
        return HowellVector.illuminance(set.light(), point, normal);
    }

    private static double stops(double light, double reference) {
        return Math.log(light / reference) / Math.log(2);
    }

    @Test
    public void fallOffAcrossTheDish() {
        double clock = set.light().clock();
        Vector3D towards = Vector3D.of(Math.sin(clock), Math.cos(clock), 0).multiply(0.095);
        Vector3D top = Vector3D.of(0, 0, 0.78 * 0.075);
        double expected = stops(closedForm(top.subtract(towards), UP), closedForm(top.add(towards), UP));
        assertThat(read(ReadingKind.FALL_OFF_HERO)).isCloseTo(expected, within(A_THOUSANDTH_OF_A_STOP));
    }

    @Test
    public void fallOffAcrossTheFrame() {
        double expected = stops(closedForm(Vector3D.of(0.24, 0, 0), UP), closedForm(Vector3D.of(-0.24, 0, 0), UP));
        assertThat(read(ReadingKind.FALL_OFF_FRAME)).isCloseTo(expected, within(A_THOUSANDTH_OF_A_STOP));
    }

    @Test
    public void backdropLevel() {
        Vector3D hero = Vector3D.of(0, 0, 0.78 * 0.075);
        double backdrop = closedForm(Vector3D.of(0, 1.2, 0.78 * 0.075), Vector3D.Unit.MINUS_Y);
        assertThat(read(ReadingKind.BACKDROP_LEVEL))
                .isCloseTo(stops(backdrop, closedForm(hero, UP)), within(A_THOUSANDTH_OF_A_STOP));
    }

    @Test
    public void inverseSquareError() {
        Vector3D hero = Vector3D.of(0, 0, 0.78 * 0.075);
        Light box = set.light();
        Vector3D toBox = box.centre().subtract(hero);
        double cosines = toBox.getZ() * toBox.dot(box.direction()) / toBox.normSq();
        double rule = 0.36 * cosines / toBox.normSq();
        assertThat(read(ReadingKind.POINT_RULE_ERROR))
                .isCloseTo(stops(rule, closedForm(hero, UP)), within(A_THOUSANDTH_OF_A_STOP));
    }

    @Test
    public void sizeToDistance() {
        double distance = set.light().centre().distance(Vector3D.of(0, 0, 0.78 * 0.075));
        assertThat(read(ReadingKind.SIZE_ACROSS)).isCloseTo(0.6 / distance, within(1e-12));
        assertThat(read(ReadingKind.SIZE_ALONG)).isCloseTo(0.6 / distance, within(1e-12));
    }

    @Test
    public void shadow() {
        // in the upright plane through light and hero: similar triangles on the upper and lower edge of the face
        double rim = 0.075;
        double radius = 0.095;
        double up = Math.toRadians(40);
        double level = 0.9 * Math.cos(up);
        double high = 0.9 * Math.sin(up);
        double length = rim * (level + radius) / (high - rim);
        assertThat(read(ReadingKind.SHADOW_LENGTH)).isCloseTo(length, within(1e-12));
        double upper = rim * (level - 0.3 * Math.sin(up) + radius) / (high + 0.3 * Math.cos(up) - rim);
        double lower = rim * (level + 0.3 * Math.sin(up) + radius) / (high - 0.3 * Math.cos(up) - rim);
        assertThat(read(ReadingKind.TIP_EDGE)).isCloseTo(lower - upper, within(1e-12));
        // across: the lower corners of the face throw the outermost lines past the rim's side
        double outer = radius + (radius + 0.3) * rim / (high - 0.3 * Math.cos(up) - rim);
        double inner = radius + (radius - 0.3) * rim / (high - 0.3 * Math.cos(up) - rim);
        assertThat(read(ReadingKind.SIDE_EDGE)).isCloseTo(outer - inner, within(1e-12));
    }

    @Test
    public void everyKindIsReadOnceInOrder() {
        assertThat(Readings.of(set).stream().map(Reading::kind)).containsExactly(ReadingKind.values());
    }

    /** However many cores share the work, each reading is the one that it is by itself. */
    @Test
    public void allTogetherAreAsEachAlone() {
        Card holed = new Card(Surface.BLACK_PAPER, 0.6, 0.6, 10 * Math.PI / 6, 0.45, 0.15, 0, -0.7)
                .withCut(Cut.of(new RoundHoles(0.02, 0.06)));
        Card white = new Card(Surface.WHITE_PAPER, 0.4, 0.3, 4 * Math.PI / 6, 0.3, 0.15, 0, 0);
        TableSet shaped = set.withCards(List.of(holed, white));
        assertThat(Readings.of(shaped))
                .isEqualTo(Arrays.stream(ReadingKind.values())
                        .map(kind -> Readings.of(shaped, kind))
                        .toList())
                .filteredOn(reading -> reading.value().isPresent())
                .extracting(Reading::kind)
                .contains(
                        ReadingKind.SHADOW_DEPTH,
                        ReadingKind.CONTRAST_SEEN,
                        ReadingKind.LIT_TO_SHADOW,
                        ReadingKind.PATTERN_CONTRAST,
                        ReadingKind.POWER);
    }

    @Test
    public void whatCannotBeReadSaysWhy() {
        TableSet above = set.withLight(Sets.box(0.3, 0.3, 12, 90, 0.9));
        assertThat(Readings.of(above))
                .filteredOn(reading -> reading.value().isEmpty())
                .isNotEmpty()
                .allSatisfy(reading -> assertThat(reading.note()).isNotBlank());
    }
}
