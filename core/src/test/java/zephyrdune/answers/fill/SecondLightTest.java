package zephyrdune.answers.fill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.Test;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.surface.Surface;

/** A mirror's second light, by the law of reflection: the key's middle mirrored in its plane. */
public class SecondLightTest {

    private static final double RIGHT = Math.PI / 2;

    /** The light at 9 o'clock, 45 degrees up, 1 m away. */
    private static TableSet set(Card... cards) {
        return Sets.lit(box(0.2, 0.2, 9, 45, 1)).withCards(List.of(cards));
    }

    /** An upright mirror 40 cm to the right: the image stands as far behind it as the light before it. */
    @Test
    public void standsBehindTheMirrorAsFarAsTheLightBefore() {
        double across = Math.sqrt(0.5);
        Card mirror = new Card(Surface.MIRROR, 0.2, 0.1, RIGHT, 0.4, 0, 0, 0);
        List<SecondLight> lights = SecondLight.of(set(mirror));
        assertThat(lights).hasSize(1);
        SecondLight second = lights.get(0);
        Vector3D image = Vector3D.of(0.8 + across, 0, across);
        assertThat(second.light().distance(image)).isCloseTo(0, within(1e-9));
        // corners at x = 0.4, y = +-0.1, z = 0 and 0.1: rays from the image past them meet the table
        assertThat(second.patch()).hasSize(4);
        for (double y : new double[] {-0.1, 0.1}) {
            Vector3D foot = Vector3D.of(0.4, y, 0);
            double out = across / (across - 0.1);
            Vector3D far = Vector3D.of(image.getX() + out * (0.4 - image.getX()), out * y, 0);
            assertThat(second.patch()).anyMatch(corner -> corner.distance(foot) < 1e-9);
            assertThat(second.patch()).anyMatch(corner -> corner.distance(far) < 1e-9);
        }
        double middle = second.patch().stream().mapToDouble(Vector3D::getX).sum() / 4;
        assertThat(second.middle().distance(Vector3D.of(middle, 0, 0))).isCloseTo(0, within(1e-9));
    }

    /** Matte cards have none; a mirror as high as its image throws its light past the table. */
    @Test
    public void noneOfMatteCardsOrAboveTheImage() {
        Card white = new Card(Surface.WHITE_PAPER, 0.2, 0.1, RIGHT, 0.4, 0, 0, 0);
        Card high = new Card(Surface.MIRROR, 0.2, 0.1, RIGHT, 0.4, 0.65, 0, 0);
        Card low = new Card(Surface.MIRROR, 0.2, 0.1, RIGHT, 0.4, 0.5, 0, 0);
        assertThat(SecondLight.of(set(white))).isEmpty();
        assertThat(SecondLight.of(set(high))).isEmpty();
        assertThat(SecondLight.of(set(white, low))).hasSize(1);
    }

    /** Each wing of a bent mirror throws its own. */
    @Test
    public void oneOfEveryWing() {
        Card bent = new Card(Surface.MIRROR, 0.2, 0.1, RIGHT, 0.4, 0, 0, 0, Math.PI / 3, Cut.NONE);
        assertThat(SecondLight.of(set(bent))).hasSize(2);
    }
}
