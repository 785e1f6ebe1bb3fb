package zephyrdune.render.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import org.testng.annotations.Test;
import zephyrdune.render.picture.ThingsInFrame.Kind;
import zephyrdune.render.picture.ThingsInFrame.Thing;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.CameraAngle;
import zephyrdune.set.card.Card;
import zephyrdune.set.dish.Block;
import zephyrdune.set.dish.Prop;
import zephyrdune.set.surface.Surface;

public class ThingsInFrameTest {

    private static final int COLUMNS = 150;
    private static final int ROWS = 100;

    private static TableSet fromAbove() {
        return Sets.chowder()
                .withCamera(new Camera(CameraAngle.OVERHEAD, 0.3, 0.036, 0.024, 0.6))
                .withDish(new Block(0.15, 0.1, 0.01, Surface.GREY_PAPER))
                .withLight(Sets.box(0.1, 0.1, 10, 40, 2))
                .withProps(List.of(
                        new Prop(new Block(0.04, 0.04, 0.01, Surface.CREAM), 0.2, 0, 0, 0),
                        new Prop(new Block(0.05, 0.05, 0.01, Surface.CREAM), -0.2, 0.1, 0, 0)))
                .withCards(List.of(new Card(Surface.WHITE_PAPER, 0.1, 0.1, Math.PI, 0.15, 0.01, 0, Math.PI / 2)));
    }

    private static ThingsInFrame of(TableSet set) {
        return ThingsInFrame.of(set, COLUMNS, ROWS);
    }

    private static Thing at(ThingsInFrame seen, double across, double down) {
        int cell = seen.cells()[(int) (down * ROWS) * COLUMNS + (int) (across * COLUMNS)];
        return cell == ThingsInFrame.NOTHING ? null : seen.things().get(cell);
    }

    /** From above through a long lens the frame is a plan: 60 by 40 cm round the hero. */
    @Test
    public void everyThingIsWhereItStands() {
        ThingsInFrame seen = of(fromAbove());
        assertThat(at(seen, 0.5, 0.5)).isEqualTo(new Thing(Kind.HERO, 0));
        assertThat(at(seen, 0.5 + 0.2 / 0.6, 0.5)).isEqualTo(new Thing(Kind.PROP, 0));
        assertThat(at(seen, 0.5 - 0.2 / 0.6, 0.5 - 0.1 / 0.4)).isEqualTo(new Thing(Kind.PROP, 1));
        assertThat(at(seen, 0.02, 0.98)).isEqualTo(new Thing(Kind.TABLE, 0));
        assertThat(seen.things()).contains(new Thing(Kind.CARD, 0)).doesNotHaveDuplicates();
    }

    /** The hero's share of the frame is that of its top, 15 by 10 of 60 by 40 cm. */
    @Test
    public void cellsCoverAsMuchAsTheThing() {
        ThingsInFrame seen = of(fromAbove());
        int hero = seen.things().indexOf(new Thing(Kind.HERO, 0));
        double share = Arrays.stream(seen.cells()).filter(cell -> cell == hero).count() / (double) (COLUMNS * ROWS);
        assertThat(share).isCloseTo(0.15 * 0.1 / (0.6 * 0.4), within(0.004));
    }

    @Test
    public void theBackdropAndTheLightAreThingsToo() {
        TableSet level = Sets.chowder()
                .withCamera(new Camera(CameraAngle.STRAIGHT_ON, 0.05, 0.036, 0.024, 1.5))
                .withLight(Sets.box(0.3, 0.3, 11, 20, 0.7));
        assertThat(of(level).things())
                .contains(new Thing(Kind.BACKDROP, 0), new Thing(Kind.TABLE, 0), new Thing(Kind.LIGHT, 0));
    }
}
