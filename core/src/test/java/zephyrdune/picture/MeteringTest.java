package zephyrdune.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.table.Sets.box;

import java.util.List;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.illuminance.KeyLight;
import zephyrdune.measure.Stops;
import zephyrdune.metering.HeroExposure;
import zephyrdune.table.Ambient;
import zephyrdune.table.Backdrop;
import zephyrdune.table.Block;
import zephyrdune.table.Camera;
import zephyrdune.table.CameraAngle;
import zephyrdune.table.Card;
import zephyrdune.table.Cut;
import zephyrdune.table.PowerChoice;
import zephyrdune.table.RoundHoles;
import zephyrdune.table.Sets;
import zephyrdune.table.Surface;
import zephyrdune.table.TableSet;
import zephyrdune.trace.Effort;

/** The picture's value where the meter is, against what was aimed at: all light counts, whatever its way, at the dial's mark. */
public class MeteringTest {

    private static TableSet plain() {
        return Sets.chowder()
                .withCamera(new Camera(CameraAngle.OVERHEAD, 0.1, 0.036, 0.024, 0.3))
                .withDish(new Block(0.1, 0.1, 0.06, Surface.GREY_PAPER))
                .withLight(box(0.6, 0.6, 10, 50, 0.8))
                .withAmbient(new Ambient(0, 5500, 5));
    }

    @DataProvider
    Object[][] sets() {
        TableSet set = plain();
        Card white = new Card(Surface.WHITE_PAPER, 0.3, 0.3, 4 * Math.PI / 6, 0.2, 0, 0, 0);
        Card holes = new Card(Surface.BLACK_PAPER, 0.5, 0.5, 10 * Math.PI / 6, 0.35, 0.2, 0, -Math.PI / 6)
                .withCut(Cut.of(new RoundHoles(0.05, 0.1)));
        return new Object[][] {
            {"open", set},
            {"white table", set.withTableTop(Sets.endless(Surface.WHITE_PAPER))},
            {"white card", set.withCards(List.of(white))},
            {"gold card", set.withCards(List.of(new Card(Surface.GOLD_CARD, 0.3, 0.3, 4 * Math.PI / 6, 0.2, 0, 0, 0)))},
            {"white room", Sets.inRoom(set, 1.5, 1.5, Surface.WHITE_PAPER)},
            {"white ceiling near", Sets.inRoom(set, 2, 1.1, Surface.WHITE_PAPER)},
            {"red room", Sets.inRoom(set, 1.5, 1.5, Surface.CLAY)},
            {"room light", set.withAmbient(new Ambient(1500, 5500, 5))},
            {"pattern", set.withLight(box(0.15, 0.15, 10, 50, 0.9)).withCards(List.of(holes))},
            {"fixed power", set.withLight(set.light().withPower(PowerChoice.FIXED, 2))},
            {"low and small", set.withLight(box(0.1, 0.1, 8, 25, 1.1))}
        };
    }

    @Test(dataProvider = "sets")
    public void thePictureComesOutAtItsAim(String name, TableSet set) {
        KeyLight key = KeyLight.of(set);
        HeroExposure hero = HeroExposure.of(set, key);
        Film film = new Film(set, 150, 100, false);
        Mix mix = Mix.of(set, Set.of());
        for (int pass = 0; pass < 16; pass++) {
            film.wholePass(Effort.USUAL, mix, 0);
        }
        Picture picture = film.picture(mix);
        var at = View.of(set).project(key.brightest());
        double sum = 0;
        for (int row = -1; row <= 1; row++) {
            for (int column = -1; column <= 1; column++) {
                int x = (int) (at.getX() * 150) + column;
                int y = (int) (at.getY() * 100) + row;
                sum += picture.luminance(150 * y + x) / 9;
            }
        }
        double found = Stops.between(sum / 0.18, 1);
        double aim = set.exposure().bias() + hero.off();
        assertThat(found).as(name).isCloseTo(aim, within(0.05));
        if (set.light().powerChoice() == PowerChoice.FOLLOWS) {
            // the dial's third stops leave no more over
            assertThat(Math.abs(hero.off())).as(name).isLessThan(1.0 / 6 + 1e-9);
        }
    }

    /** Half of the aim by the room, half by the flash: the mark is a stop lower than without the room. */
    @Test
    public void theMarkAllowsForTheRoom() {
        // with nothing that hides the room from the meter
        TableSet set = plain().withTableTop(Sets.endless(Surface.BLACK_PAPER))
                .withBackdrop(new Backdrop(5, 0.1, 0.1, Surface.BLACK_PAPER))
                .withLight(box(0.1, 0.1, 10, 50, 1.5));
        double half = set.exposure().wanted() / set.exposure().exactShutter() / 2;
        TableSet lit = set.withAmbient(new Ambient(half, 5500, 5));
        double without = HeroExposure.of(set, KeyLight.of(set)).wantedBelow();
        double with = HeroExposure.of(lit, KeyLight.of(lit)).wantedBelow();
        assertThat(with - without).isCloseTo(1, within(0.05));
    }
}
