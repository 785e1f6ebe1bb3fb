package zephyrdune.render.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.assertj.core.data.Percentage;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.render.body.SetParts.SetPart;
import zephyrdune.render.material.Material;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.card.Piece;
import zephyrdune.set.card.RoundHoles;
import zephyrdune.set.dish.Dish;
import zephyrdune.set.dish.Salad;
import zephyrdune.set.surface.Surface;

/** Triangles of bodies lie on the surfaces that rays meet, and enclose what geometry says. */
public class FacetsTest {

    private static final Material MATTE = Material.of(Surface.WHITE_PAPER);

    /** Of closed surfaces, by the divergence theorem: positive only where all triangles go counter-clockwise seen from outside. */
    private static double volume(List<Facets> all) {
        double volume = 0;
        for (Facets facets : all) {
            int[] corners = facets.corners();
            for (int i = 0; i < corners.length; i += 3) {
                Vector3D a = facets.place(corners[i]);
                volume += a.dot(facets.place(corners[i + 1]).cross(facets.place(corners[i + 2]))) / 6;
            }
        }
        return volume;
    }

    private static double area(Facets facets) {
        double area = 0;
        int[] corners = facets.corners();
        for (int i = 0; i < corners.length; i += 3) {
            Vector3D a = facets.place(corners[i]);
            Vector3D b = facets.place(corners[i + 1]).subtract(a);
            area += b.cross(facets.place(corners[i + 2]).subtract(a)).norm() / 2;
        }
        return area;
    }

    @DataProvider
    public Object[][] solids() {
        double cap = Math.PI * 0.5 * 0.5 * (3 - 0.5) / 3;
        return new Object[][] {
            {Box.standing(0.2, 0.1, 0.05, MATTE), 0.2 * 0.1 * 0.05},
            {
                Body.posed(Round.whole(MATTE), Vector3D.of(1, 2, 3), 0.1, 0.08, 0.05, 0.7),
                4 * Math.PI / 3 * 0.1 * 0.08 * 0.05
            },
            {Body.posed(new Round(0.5, MATTE, MATTE), Vector3D.ZERO, 0.1, 0.1, 0.1, 0), (4 * Math.PI / 3 - cap) * 1e-3},
        };
    }

    /** Volumes of a block, an ellipsoid and a ball without a cap (any table of solids). */
    @Test(dataProvider = "solids")
    public void encloseTheVolumeOfTheSolid(Solid solid, double volume) {
        assertThat(volume(solid.facets(1))).isCloseTo(volume, Percentage.withPercentage(1));
    }

    @DataProvider
    public Object[][] dishes() {
        return Arrays.stream(SolidTest.everyKind())
                .map(dish -> new Object[] {dish})
                .toArray(Object[][]::new);
    }

    private static List<Solid> pieces(Dish dish) {
        Body body = Bodies.of(dish);
        return Stream.of(body.opaque(), body.clear())
                .filter(Objects::nonNull)
                .flatMap(solid -> solid.pieces().stream())
                .toList();
    }

    private static Vector3D middle(Facets facets, int triangle) {
        int[] corners = facets.corners();
        return facets.place(corners[triangle])
                .add(facets.place(corners[triangle + 1]))
                .add(facets.place(corners[triangle + 2]))
                .multiply(1.0 / 3);
    }

    /** Of any length, out of the side from which its corners go counter-clockwise. */
    private static Vector3D out(Facets facets, int triangle) {
        int[] corners = facets.corners();
        Vector3D a = facets.place(corners[triangle]);
        return facets.place(corners[triangle + 1])
                .subtract(a)
                .cross(facets.place(corners[triangle + 2]).subtract(a));
    }

    /** A ray from just outside the middle of a triangle meets the body where the triangle is. */
    @Test(dataProvider = "dishes")
    public void lieOnWhatRaysMeet(Dish dish) {
        int looked = 0;
        int met = 0;
        for (Solid solid : pieces(dish)) {
            for (Facets facets : solid.facets(1)) {
                for (int i = 0; i < facets.corners().length; i += 3) {
                    Vector3D normal = out(facets, i).normalize();
                    Hit hit = Touch.met(solid, middle(facets, i).add(normal.multiply(1e-3)), normal.negate());
                    looked++;
                    met += Math.abs(hit.distance - 1e-3) < 2 * Facets.WITHIN ? 1 : 0;
                }
            }
        }
        assertThat(looked).isPositive();
        // leaves are more bent than the distance they are looked at from
        assertThat((double) met / looked).isGreaterThan(dish instanceof Salad ? 0.92 : 0.97);
    }

    /** Triangles turn the same way as their corners' normals: what is outside for one is so for the other. */
    @Test(dataProvider = "dishes")
    public void turnTheWayTheirNormalsPoint(Dish dish) {
        for (Solid solid : pieces(dish)) {
            for (Facets facets : solid.facets(1)) {
                for (int i = 0; i < facets.corners().length; i += 3) {
                    Vector3D normals = Vector3D.ZERO;
                    for (int corner = i; corner < i + 3; corner++) {
                        Vector3D normal = facets.normal(facets.corners()[corner]);
                        assertThat(normal.norm()).isCloseTo(1, within(1e-9));
                        normals = normals.add(normal);
                    }
                    assertThat(out(facets, i).dot(normals)).isPositive();
                }
            }
        }
    }

    @Test
    public void aSetHasAllItsPartsInTriangles() {
        TableSet set = Sets.chowder().withCards(List.of(new Card(Surface.WHITE_PAPER, 0.4, 0.3, 2, 0.6, 0, 0, 0)));
        assertThat(SetParts.of(set))
                .allSatisfy(part -> assertThat(part.facets()).isNotEmpty())
                .extracting(SetPart::name)
                .startsWith("Table top", "Backdrop", "Hero")
                .endsWith("Card 1", "Light");
        SetPart light = SetParts.of(set).get(SetParts.of(set).size() - 1);
        assertThat(light.shines()).isTrue();
        EmittingFace face = EmittingFace.of(set);
        assertThat(area(light.facets().get(0)))
                .isCloseTo(4 * face.acrossHalf().norm() * face.upHalf().norm(), Percentage.withPercentage(0.01));
    }

    @Test
    public void aCardWithHolesKeepsWhatIsLeftOfIt() {
        TableSet plain = Sets.chowder().withCards(List.of(new Card(Surface.WHITE_PAPER, 0.4, 0.3, 2, 0.6, 0, 0, 0)));
        Facets whole = card(plain);
        assertThat(area(whole)).isCloseTo(0.12, within(1e-9));
        TableSet holed = plain.withCards(List.of(plain.card(0).withCut(Cut.of(new RoundHoles(0.03, 0.06)))));
        double cut = holed.card(0).panels().get(0).pieces().stream()
                .mapToDouble(Piece::area)
                .sum();
        assertThat(cut).isGreaterThan(0.01);
        assertThat(area(card(holed))).isCloseTo(0.12 - cut, within(1e-6));
    }

    private static Facets card(TableSet set) {
        return SetParts.of(set).stream()
                .filter(part -> part.name().equals("Card 1"))
                .findFirst()
                .orElseThrow()
                .facets()
                .get(0);
    }
}
