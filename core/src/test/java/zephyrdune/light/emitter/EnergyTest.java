package zephyrdune.light.emitter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.light.illuminance.Illuminance;
import zephyrdune.set.Sets;
import zephyrdune.set.light.Aim;
import zephyrdune.set.light.Bare;
import zephyrdune.set.light.Beam;
import zephyrdune.set.light.Diffuse;
import zephyrdune.set.light.Disc;
import zephyrdune.set.light.Face;
import zephyrdune.set.light.Gel;
import zephyrdune.set.light.Gridded;
import zephyrdune.set.light.HotSpot;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.NoDoors;
import zephyrdune.set.light.Octagon;
import zephyrdune.set.light.PowerChoice;
import zephyrdune.set.light.Rectangle;
import zephyrdune.set.light.Spread;
import zephyrdune.set.light.Strip;
import zephyrdune.set.power.Dimming;
import zephyrdune.set.power.Percent;
import zephyrdune.set.source.LedPanel;
import zephyrdune.set.source.LedPoint;
import zephyrdune.set.source.Lumens;
import zephyrdune.set.source.LuxAtOneMetre;
import zephyrdune.set.source.MainsFlash;
import zephyrdune.set.source.Source;
import zephyrdune.set.source.WattSeconds;

/** No light is made or lost between the source and the room, by integrals over the sphere round the face. */
public class EnergyTest {

    private static final Percent DIAL = new Percent(0.1, 0.01, Dimming.LINEAR);
    private static final GaussIntegrator RULE = new GaussIntegratorFactory().legendre(6, 0, 1);

    /** Every source with every face and every spread. */
    @DataProvider
    Object[][] lights() {
        Source[] sources = {
            Sets.FLASH,
            new MainsFlash(new WattSeconds(400, 40), Math.toRadians(90), 5500, DIAL),
            new LedPanel(new Lumens(3000), Math.toRadians(115), 5600, DIAL),
            new LedPoint(new LuxAtOneMetre(12_000), Math.toRadians(55), 5600, DIAL)
        };
        Face[] faces = {
            new Rectangle(0.6, 0.9), new Strip(1.2, 0.3, Strip.Stance.LEVEL), new Disc(0.7), new Octagon(0.9)
        };
        Spread[] spreads = {new Diffuse(), new Beam(4), new Gridded(0.04, 0.05, 1 / 3.0), new Bare()};
        List<Object[]> rows = new ArrayList<>();
        for (int i = 0; i < 16; i++) {
            Spread spread = spreads[(i / 4 + i) % 4];
            rows.add(new Object[] {sources[i / 4], faces[i % 4], spread, i % 3});
        }
        return rows.toArray(new Object[0][]);
    }

    private static Light light(Source source, Face face, Spread spread, double hotSpot, double loss) {
        return new Light(
                source,
                Gel.NONE,
                Sets.lost(loss),
                face,
                new HotSpot(hotSpot),
                spread,
                PowerChoice.FOLLOWS,
                0,
                0,
                Math.PI / 2,
                1,
                Aim.HERO,
                new NoDoors());
    }

    /** Integral of what surfaces that face the light's middle get, over a half sphere in front of it. */
    private static double arriving(EmittingFace face, double radius, boolean sharp) {
        Illuminance light = Illuminance.of(face, 2e-3);
        Vector3D across = face.acrossHalf().normalize();
        Vector3D up = face.upHalf().normalize();
        int rings = sharp ? 12 : 4;
        int wedges = sharp ? 20 : 10;
        double sum = 0;
        for (int i = 0; i < rings; i++) {
            for (int j = 0; j < wedges; j++) {
                int ring = i;
                int wedge = j;
                sum += RULE.integrate(s -> RULE.integrate(t -> {
                    double theta = Math.PI / 2 * (ring + s) / rings;
                    double turn = 2 * Math.PI * (wedge + t) / wedges;
                    Vector3D out = across.multiply(Math.sin(theta) * Math.cos(turn))
                            .add(up.multiply(Math.sin(theta) * Math.sin(turn)))
                            .add(face.front().multiply(Math.cos(theta)));
                    return Math.sin(theta) * light.at(face.centre().add(out.multiply(radius)), out.negate());
                }));
            }
        }
        return sum * radius * radius * Math.PI / 2 / rings * 2 * Math.PI / wedges;
    }

    @Test(dataProvider = "lights")
    public void whatArrivesIsWhatLeftTheSourceLessItsLosses(Source source, Face face, Spread spread, int hotSpot) {
        double loss = 1.5;
        EmittingFace lit = EmittingFace.of(light(source, face, spread, hotSpot, loss));
        double passed = source.flux() * Math.pow(2, -loss);
        if (spread instanceof Gridded) {
            assertThat(lit.flux()).isLessThan(passed * Math.pow(2, -1 / 3.0));
        } else {
            assertThat(lit.flux()).isCloseTo(passed, within(passed * 1e-9));
        }
        boolean sharp = !lit.distribution().getClass().getSimpleName().equals("CosinePower");
        // a sphere wide against the face: its surface sees all parts of the face nearly from the middle
        double arriving = arriving(lit, 30, sharp);
        double tolerance = sharp ? 2e-2 : 1e-3;
        assertThat(arriving).isCloseTo(lit.flux(), within(tolerance * lit.flux()));
    }

    @Test
    public void gridTakesAThirdOfAStopOnTheAxisAndNothingComesBack() {
        Light open = light(Sets.FLASH, new Rectangle(0.6, 0.6), new Diffuse(), 0, 2);
        Light gridded = light(Sets.FLASH, new Rectangle(0.6, 0.6), new Gridded(0.05, 0.05, 1 / 3.0), 0, 2);
        double ratio = EmittingFace.of(gridded).axialIntensity()
                / EmittingFace.of(open).axialIntensity();
        assertThat(Math.log(ratio) / Math.log(2)).isCloseTo(-1 / 3.0, within(1e-12));
    }

    @Test
    public void diffuseFaceHasFluxPiLA() {
        EmittingFace face = EmittingFace.of(light(Sets.FLASH, new Rectangle(0.6, 0.6), new Diffuse(), 0, 2));
        assertThat(face.flux()).isCloseTo(Math.PI * face.luminance() * 0.36, within(1e-9));
        assertThat(face.axialIntensity()).isCloseTo(face.luminance() * 0.36, within(1e-9));
    }

    /** Mean of a bell over each outline against an integral over its own evenly spread points. */
    @Test
    public void hotSpotMeans() {
        for (Outline outline : Outline.values()) {
            double[] place = new double[2];
            double sum = 0;
            int side = 400;
            for (int i = 0; i < side; i++) {
                for (int j = 0; j < side; j++) {
                    outline.place((i + 0.5) / side, (j + 0.5) / side, place);
                    assertThat(outline.holds(place[0] * (1 - 1e-9), place[1] * (1 - 1e-9)))
                            .isTrue();
                    sum += Math.exp(-1.7 * (place[0] * place[0] + place[1] * place[1]));
                }
            }
            assertThat(outline.meanOfBell(1.7)).as(outline.name()).isCloseTo(sum / side / side, within(1e-4));
        }
    }

    @Test
    public void outlinesKnowTheirAreaAndEdge() {
        // regular octagon across flats 2: 8 tan(22.5 degrees)
        assertThat(Outline.OCTAGON.area()).isCloseTo(8 * Math.tan(Math.PI / 8), within(1e-12));
        assertThat(Outline.OCTAGON.holds(0.99, 0.41)).isTrue();
        assertThat(Outline.OCTAGON.holds(0.99, 0.43)).isFalse();
        assertThat(Outline.OCTAGON.holds(1.01, 0)).isFalse();
        assertThat(Outline.DISC.holds(0.8, 0.61)).isFalse();
        assertThat(Outline.RECTANGLE.holds(0.99, -0.99)).isTrue();
        assertThat(Outline.RECTANGLE.holds(0.99, -1.01)).isFalse();
        for (Outline outline : Outline.values()) {
            double sum = 0;
            double[] place = new double[2];
            for (int patch = 0; patch < outline.patches(); patch++) {
                for (int i = 0; i < 100; i++) {
                    for (int j = 0; j < 100; j++) {
                        sum += outline.patch(patch, (i + 0.5) / 100, (j + 0.5) / 100, place) / 1e4;
                        assertThat(outline.holds(place[0], place[1])).isTrue();
                    }
                }
            }
            assertThat(sum).isCloseTo(outline.area(), within(1e-9));
        }
    }

    @Test
    public void seenFromAFarItsIntensityIsItsLuminanceTimesItsArea() {
        EmittingFace face = EmittingFace.of(light(Sets.FLASH, new Octagon(0.9), new Beam(3), 1, 2));
        Vector3D slanted =
                face.front().add(face.acrossHalf().normalize().multiply(0.5)).normalize();
        double cosine = slanted.dot(face.front());
        assertThat(face.intensity(slanted)).isCloseTo(face.axialIntensity() * Math.pow(cosine, 3), within(1e-6));
        assertThat(face.luminance(0, 0, slanted)).isCloseTo(face.luminance() * cosine * cosine, within(1e-6));
        assertThat(face.luminance(1, 0, face.front())).isCloseTo(face.luminance() / 2, within(1e-6));
        assertThat(face.luminance(0, 0, face.front().negate())).isZero();
        assertThat(face.uniform()).isFalse();
    }

    @Test
    public void evenlySpreadNumbersSpreadEvenlyOverTheFace() {
        // equal sectors of a disc, and of an octagon, get equal shares; so do its inner and outer halves
        for (Outline outline : new Outline[] {Outline.DISC, Outline.OCTAGON}) {
            int[] sectors = new int[8];
            int inner = 0;
            double[] place = new double[2];
            int side = 400;
            for (int i = 0; i < side; i++) {
                for (int j = 0; j < side; j++) {
                    outline.place((i + 0.5) / side, (j + 0.5) / side, place);
                    double turn = Math.atan2(place[1], place[0]) + Math.PI / 8 + 2 * Math.PI;
                    sectors[(int) (turn / (Math.PI / 4)) % 8]++;
                    inner += outline.holds(place[0] * Math.sqrt(2), place[1] * Math.sqrt(2)) ? 1 : 0;
                }
            }
            for (int count : sectors) {
                assertThat(count * 8.0 / side / side).as(outline.name()).isCloseTo(1, within(0.01));
            }
            assertThat(inner * 2.0 / side / side).as(outline.name()).isCloseTo(1, within(0.01));
        }
    }
}
