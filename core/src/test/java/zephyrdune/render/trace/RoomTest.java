package zephyrdune.render.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;
import static zephyrdune.set.Sets.chowder;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.Test;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.illuminance.Illuminance;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.body.Hit;
import zephyrdune.render.body.Ray;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.dish.Block;
import zephyrdune.set.light.Disc;
import zephyrdune.set.light.OffRoom;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.room.RoomSide;
import zephyrdune.set.room.SideWindow;
import zephyrdune.set.room.TableTop;
import zephyrdune.set.room.WalledRoom;
import zephyrdune.set.surface.Surface;

/** Table edges, floor, windows and patches of light on walls, as rays meet them. */
public class RoomTest {

    private static final SampleBudget ALL = new SampleBudget(4, 1, 8);

    private static TableSet bare() {
        return chowder().withDish(Sets.sliver()).withBackdrop(new Backdrop(1.4, 0.1, 0.1, Surface.BLACK_PAPER));
    }

    private static int met(Scene scene, double x, double y, double z, double dx, double dy, double dz, Hit hit) {
        double length = Math.sqrt(dx * dx + dy * dy + dz * dz);
        Ray ray = new Ray();
        ray.set(x, y, z, dx / length, dy / length, dz / length);
        return scene.meet(ray, hit);
    }

    @Test
    public void theTableEndsAndTheFloorLiesBelow() {
        TableSet set = bare().withTableTop(new TableTop(Surface.PALE_WOOD, 0.5, 0.7, 0.6, 0.4))
                .withRoom(new WalledRoom(
                        2, 2, 2, 2, 2, 0.75, Surface.WHITE_PAPER, Surface.WHITE_PAPER, Surface.DARK_WOOD));
        Scene scene = Scene.of(set);
        Hit hit = new Hit();
        assertThat(met(scene, 0.69, 0, 1, 0, 0, -1, hit)).isEqualTo(Scene.TABLE);
        assertThat(met(scene, 0.71, 0, 1, 0, 0, -1, hit)).isEqualTo(Scene.WALL);
        assertThat(hit.distance).isCloseTo(1.75, within(1e-9));
        assertThat(hit.material.red()).isEqualTo(Surface.DARK_WOOD.colour().red());
        assertThat(met(scene, 0, -0.41, 1, 0, 0, -1, hit)).isEqualTo(Scene.WALL);
        // open to all sides: past the edge there is nothing
        assertThat(met(
                        Scene.of(bare().withTableTop(new TableTop(Surface.PALE_WOOD, 1, 1, 1, 1))),
                        1.1,
                        0,
                        1,
                        0,
                        0,
                        -1,
                        hit))
                .isEqualTo(-1);
    }

    private static double[] incident(TableSet set, double x, double y, double z, int looks) {
        Tracer tracer = new Tracer(Scene.of(set), ALL);
        double[] mean = new double[tracer.out.length / 3];
        for (int look = 0; look < looks; look++) {
            tracer.incident(x, y, z, 0, 0, 1, 17, look);
            for (int layer = 0; layer < mean.length; layer++) {
                mean[layer] += tracer.out[3 * layer + 1] / looks;
            }
        }
        return mean;
    }

    /** The floor beside the table gets none of the light that the table is in the way of. */
    @Test
    public void theTableShadesTheFloor() {
        TableSet set = Sets.inRoom(bare(), 2, 2, Surface.BLACK_PAPER)
                .withTableTop(new TableTop(Surface.BLACK_PAPER, 0.5, 0.5, 0.5, 0.5))
                .withLight(box(0.05, 0.05, 9, 60, 1).withFace(new Disc(0.05)));
        EmittingFace face = EmittingFace.of(set).withLuminance(1);
        Illuminance light = Illuminance.of(face, Illuminance.FINE);
        double under = incident(set, 0.2, 0, -0.74, 64)[Layers.KEY];
        double beside = incident(set, -1.2, 0, -0.74, 64)[Layers.KEY];
        assertThat(under).isCloseTo(0, within(1e-8));
        double open = light.level(-1.2, 0, -0.74);
        assertThat(beside).isCloseTo(open, within(0.01 * open));
    }

    /** A patch on the ceiling lights the table as its exact illuminance says, and does not swallow what comes to it. */
    @Test
    public void aPatchOnTheCeilingIsLightAndCeiling() {
        TableSet set = Sets.inRoom(bare(), 1.5, 1.6, Surface.WHITE_PAPER)
                .withLight(box(0.06, 0.06, 4, 30, 0.5)
                        .withLosses(List.of())
                        .withFilling(new OffRoom(RoomSide.CEILING, 0, 0)));
        Illuminance light = Illuminance.of(EmittingFace.of(set).withLuminance(1), Illuminance.FINE);
        double exact = light.level(0, 0, 0.2);
        double[] found = incident(set, 0, 0, 0.2, 4096);
        assertThat(found[Layers.KEY]).isCloseTo(exact, within(0.01 * exact));
        // seen in a mirror's way: a ray straight up meets the ceiling, and light on it
        Tracer tracer = new Tracer(Scene.of(set), ALL);
        Ray up = new Ray();
        up.set(set.pose().centre().getX(), set.pose().centre().getY(), 1, 0, 0, 1);
        double seen = 0;
        for (int look = 0; look < 256; look++) {
            tracer.trace(up, 3, look, 0);
            seen += tracer.out[1] / 256;
        }
        // 1 by itself, for a source square on it from the reference distance
        assertThat(seen).isCloseTo(1, within(0.01));
        // the ceiling's own share of light from the other walls is there as well: a wall that swallowed would be darker
        double bounced = found[Layers.ROOM] + found[Layers.TABLE];
        TableSet boxed = set.withLight(box(0.06, 0.06, 4, 30, 0.5));
        assertThat(bounced).isPositive();
        assertThat(incident(boxed, 0, 0, 0.2, 64)[Layers.ROOM]).isPositive();
    }

    /** The flash turned into the corner of wall and ceiling: both leaves light the table, together as their exact light. */
    @Test
    public void bothLeavesOfACornerAreTraced() {
        TableSet set = Sets.inRoom(bare(), 1.5, 1.6, Surface.WHITE_PAPER)
                .withLight(box(0.06, 0.06, 4, 30, 0.5)
                        .withLosses(List.of())
                        .withFilling(new OffRoom(RoomSide.LEFT, 0, 0.7)));
        KeyLight key = KeyLight.of(set);
        assertThat(key.others()).hasSize(1);
        assertThat(key.faceShare()).isBetween(0.02, 0.98);
        double exact = key.at(Vector3D.of(0, 0, 0.2), Vector3D.Unit.PLUS_Z)
                / key.face().luminance();
        assertThat(incident(set, 0, 0, 0.2, 4096)[Layers.KEY]).isCloseTo(exact, within(0.01 * exact));
    }

    /** The closed room keeps the books with a patch on its ceiling: indirect light by the cavity formula (Sumpner, 1892). */
    @Test
    public void theRoomKeepsTheBooksOfAPatch() {
        double rho = Surface.WHITE_PAPER.colour().green();
        TableSet set = Sets.inRoom(bare().withTableTop(Sets.endless(Surface.WHITE_PAPER)), 1.5, 2, Surface.WHITE_PAPER)
                .withDish(new Block(0.02, 0.02, 0.005, Surface.WHITE_PAPER))
                .withBackdrop(new Backdrop(1.4, 0.1, 0.1, Surface.WHITE_PAPER))
                .withLight(box(0.06, 0.06, 4, 30, 0.5)
                        .withLosses(List.of())
                        .withFilling(new OffRoom(RoomSide.CEILING, 0, 0)));
        double flux = EmittingFace.of(set).withLuminance(1).flux();
        double area = 2 * 9 + 4 * 3 * 2;
        double sum = 0;
        int places = 0;
        Tracer tracer = new Tracer(Scene.of(set), new SampleBudget(4, 1, 40));
        for (int i = 0; i < 600; i++) {
            // on all walls alike
            double u = (i * 0.754877666) % 1;
            double v = (i * 0.569840296) % 1;
            double[][] sides = {
                {3 * u - 1.5, 3 * v - 1.5, 0, 0, 0, 1},
                {3 * u - 1.5, 3 * v - 1.5, 2, 0, 0, -1},
                {-1.5, 3 * u - 1.5, 2 * v, 1, 0, 0},
                {1.5, 3 * u - 1.5, 2 * v, -1, 0, 0},
                {3 * u - 1.5, -1.5, 2 * v, 0, 1, 0},
                {3 * u - 1.5, 1.5, 2 * v, 0, -1, 0}
            };
            for (double[] at : sides) {
                double share = at[5] != 0 ? 9 : 6;
                tracer.incident(at[0], at[1], at[2], at[3], at[4], at[5], 5, i);
                for (int layer = 0; layer < tracer.out.length / 3; layer++) {
                    sum += share * (layer == Layers.AMBIENT ? 0 : tracer.out[3 * layer + 1]);
                }
            }
            places++;
        }
        double all = sum / places;
        double expected = flux / (1 - rho);
        assertThat(all).isCloseTo(expected, within(0.04 * expected));
        assertThat(area).isEqualTo(42);
    }

    /** With a window, the hero still gets as much room light as was measured, its share from the one side. */
    @Test
    public void aWindowGivesItsShare() {
        SideWindow window = new SideWindow(Math.PI * 1.5, 1.5, 0.1, 1, 1.2, 0.7);
        TableSet set = bare().withTableTop(Sets.endless(Surface.BLACK_PAPER))
                .withLight(box(0.05, 0.05, 3, 30, 2))
                .withAmbient(Sets.AMBIENT.withWindow(window));
        double top = set.dish().top();
        double level = incident(set, 0, 0, top + 1e-6, 4096)[Layers.AMBIENT];
        assertThat(level).isCloseTo(Math.PI, within(0.03 * Math.PI));
        TableSet shut = set.withAmbient(Sets.AMBIENT.withWindow(new SideWindow(Math.PI * 1.5, 1.5, 0.1, 1, 1.2, 0)));
        double even = incident(shut, 0, 0, top + 1e-6, 4096)[Layers.AMBIENT];
        assertThat(even).isCloseTo(Math.PI, within(0.01 * Math.PI));
    }
}
