package zephyrdune.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import zephyrdune.render.trace.Scene;

/** Pictures over a view's connection, and what is measured on them. */
public class PicturesTest extends RunningServer {

    private String address() {
        return to("/api/pictures").build().uri().toString().replace("http:", "ws:");
    }

    private Viewer viewer() {
        return new Viewer(address());
    }

    private static BufferedImage image(byte[] png) {
        try {
            return ImageIO.read(new ByteArrayInputStream(png));
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    /** Demo set without what stands round the dish, so that tests are quick. */
    private static ObjectNode bare() {
        ObjectNode set = chowder();
        set.putArray("props");
        return set;
    }

    @Test
    public void comesCoarseAndGetsFiner() {
        try (Viewer viewer = viewer()) {
            viewer.wish(1, bare());
            Viewer.Shown first = viewer.next();
            assertThat(first.news().get("stage").asString()).isEqualTo("COARSE");
            assertThat(image(first.png()).getWidth()).isEqualTo(320);
            Viewer.Shown second = viewer.next();
            while (!second.news().get("stage").asString().equals("FINE")) {
                assertThat(second.news().get("width").asInt()).isGreaterThanOrEqualTo(320);
                second = viewer.next();
            }
            assertThat(image(second.png()).getWidth()).isEqualTo(900);
            assertThat(image(second.png()).getHeight()).isEqualTo(600);
            double shares = 0;
            for (JsonNode share : second.news().get("histogram")) {
                shares += share.asDouble();
            }
            assertThat(shares).isBetween(0.999, 1.001);
        }
    }

    @Test
    public void switchingLayersTracesNothing() {
        try (Viewer viewer = viewer()) {
            viewer.wish(1, bare());
            Viewer.Shown all = viewer.next();
            viewer.wish(2, bare(), "key", "table");
            Viewer.Shown roomOnly = viewer.of(2);
            assertThat(roomOnly.news().get("trace").asInt())
                    .isEqualTo(all.news().get("trace").asInt());
            assertThat(brightness(roomOnly.png())).isLessThan(brightness(all.png()) / 3);
            ObjectNode darker = bare();
            ((ObjectNode) darker.get("exposure")).put("biasStops", -2);
            viewer.wish(3, darker);
            assertThat(viewer.of(3).news().get("trace").asInt())
                    .isEqualTo(all.news().get("trace").asInt());
            ObjectNode moved = bare();
            ((ObjectNode) moved.get("light")).put("clockHours", 2);
            viewer.wish(4, moved);
            assertThat(viewer.of(4).news().get("trace").asInt())
                    .isEqualTo(all.news().get("trace").asInt() + 1);
        }
    }

    private static double brightness(byte[] png) {
        BufferedImage image = image(png);
        double sum = 0;
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                sum += (image.getRGB(x, y) >> 8) & 0xff;
            }
        }
        return sum / image.getWidth() / image.getHeight();
    }

    @Test
    public void onlyTheNewestWishIsShown() {
        try (Viewer viewer = viewer()) {
            long last = 0;
            for (int turn = 1; turn <= 30; turn++) {
                ObjectNode set = bare();
                ((ObjectNode) set.get("light")).put("clockHours", turn / 3.0);
                viewer.wish(turn, set);
            }
            Viewer.Shown shown = viewer.next();
            while (shown.news().get("turn").asLong() < 30) {
                assertThat(shown.news().get("turn").asLong()).isGreaterThanOrEqualTo(last);
                last = shown.news().get("turn").asLong();
                shown = viewer.next();
            }
            assertThat(viewer.next().news().get("turn").asLong()).isEqualTo(30);
        }
    }

    /** Somebody who drags is not kept waiting by somebody whose picture is getting fine, nor by a connection that broke. */
    @Test
    public void everyoneGetsCoarsePictures() {
        List<Viewer> viewers = new ArrayList<>();
        try {
            for (int i = 0; i < 6; i++) {
                Viewer viewer = viewer();
                viewers.add(viewer);
                viewer.wish(1, bare());
            }
            viewers.get(0).close();
            for (Viewer viewer : viewers.subList(1, 6)) {
                assertThat(viewer.next().news().get("stage").asString()).isEqualTo("COARSE");
            }
            viewers.get(1).wish(2, bare().put("title", "again"));
            assertThat(viewers.get(1).of(2).news().get("turn").asLong()).isEqualTo(2);
        } finally {
            viewers.forEach(Viewer::close);
        }
    }

    @Test
    public void whatCannotStandIsSaid() {
        try (Viewer viewer = viewer()) {
            viewer.say("{\"turn\": 1");
            assertThat(viewer.word().get("problem").asString()).contains("JSON");
            ObjectNode set = bare();
            ((ObjectNode) set.get("light")).put("distanceMetres", 0.05);
            viewer.wish(2, set);
            assertThat(viewer.word().get("errors").get(0).get("field").asString())
                    .startsWith("light");
            viewer.say("{\"turn\": \"x\", \"set\": {}}");
            assertThat(viewer.word().get("problem").asString()).contains("turn");
            viewer.wish(3, bare());
            assertThat(viewer.next().news().get("turn").asLong()).isEqualTo(3);
            viewer.say("{\"look\": {\"across\": 0.5, \"down\": 0.5}}");
            assertThat(viewer.word().get("loupe").get("owner").asInt()).isEqualTo(Scene.HERO);
        }
    }

    /** One that cannot be made in good time is told to its view alone; the others go on, and so does that view. */
    @Test
    public void aPictureThatIsTooHeavyIsTold() {
        try (Viewer heavy = viewer();
                Viewer other = viewer()) {
            heavy.wish(1, WorkTest.heavy());
            other.wish(1, bare());
            assertThat(heavy.word().get("problem").asString())
                    .contains("more than 5 seconds of computing", "openings in its cards");
            assertThat(other.next().news().get("turn").asLong()).isEqualTo(1);
            heavy.wish(2, bare());
            assertThat(heavy.next().news().get("turn").asLong()).isEqualTo(2);
        }
    }

    /** A view that takes nothing in holds up nobody, and gets the newest when it does. */
    @Test
    public void slowReadersHoldUpNobody() {
        List<Viewer> slow = new ArrayList<>();
        try (Viewer quick = viewer()) {
            for (int i = 0; i < 8; i++) {
                Viewer viewer = new Viewer(address(), false);
                slow.add(viewer);
                viewer.wish(1, bare());
            }
            for (int turn = 1; turn <= 5; turn++) {
                ObjectNode set = bare();
                ((ObjectNode) set.get("light")).put("clockHours", 2 * turn);
                quick.wish(turn, set);
                assertThat(quick.of(turn).news().get("turn").asLong()).isEqualTo(turn);
            }
        } finally {
            slow.forEach(Viewer::close);
        }
    }

    /** A card that is switched off is gone from the picture, with the light that it kept away. */
    @Test
    public void aCardThatIsOffDoesNotBlock() {
        ObjectNode flagged = bare();
        ObjectNode flag = flagged.putArray("cards")
                .addObject()
                .put("surface", "black-paper")
                .put("widthMetres", 0.6)
                .put("heightMetres", 0.6)
                .put("clockHours", 10)
                .put("distanceMetres", 0.35)
                .put("liftMetres", 0)
                .put("turnDegrees", 0)
                .put("leanDegrees", 0)
                .put("bendDegrees", 0);
        flag.putObject("cut")
                .put("turnDegrees", 0)
                .put("rightMetres", 0)
                .put("upMetres", 0)
                .putObject("holes")
                .put("kind", "no-holes");
        ((ObjectNode) flagged.get("light")).put("powerChoice", "fixed").put("powerStops", 3);
        try (Viewer viewer = viewer()) {
            viewer.wish(1, flagged);
            double with = brightness(viewer.of(1).png());
            viewer.wish(2, flagged, "card-1");
            assertThat(brightness(viewer.of(2).png())).isGreaterThan(1.5 * with);
        }
    }

    @Test
    public void profileMeasuresAnEdge() {
        JsonNode profile =
                json(post("/api/profiles?fromAcross=0.05&fromDown=0.9&toAcross=0.4&toDown=0.95", bare().toString()));
        assertThat(profile.get("points").size()).isGreaterThan(100);
        JsonNode refused =
                json(post("/api/profiles?fromAcross=0.5&fromDown=0.5&toAcross=0.95&toDown=0.5", bare().toString()));
        assertThat(refused.get("detail").asString()).contains("one flat surface");
        JsonNode outside = json(post("/api/profiles?fromAcross=NaN&fromDown=0&toAcross=1&toDown=1", bare().toString()));
        assertThat(outside.get("detail").asString()).contains("frame");
    }

    @Test
    public void stopsOverThePictureAreOfTheTableOnly() {
        JsonNode stops = json(post("/api/picture-stops", bare().toString()));
        JsonNode values = stops.get("stopHundredths");
        assertThat(values.size())
                .isEqualTo(stops.get("columns").asInt() * stops.get("rows").asInt());
        int middle = stops.get("rows").asInt() / 2 * stops.get("columns").asInt()
                + stops.get("columns").asInt() / 2;
        assertThat(values.get(middle).isNull()).isTrue();
        assertThat(values.get(0).isNull()).isFalse();
    }

    @Test
    public void aSetDoesNotDifferFromItself() {
        ObjectNode pair = JSON.createObjectNode();
        pair.set("first", bare());
        pair.set("second", bare());
        for (JsonNode stops : json(post("/api/differences", pair.toString())).get("stopHundredths")) {
            assertThat(stops.asInt()).isZero();
        }
        ObjectNode brighter = bare();
        ((ObjectNode) brighter.get("exposure")).put("biasStops", 1);
        ((ObjectNode) brighter.get("ambient")).put("illuminanceLux", 0);
        ObjectNode dark = bare();
        ((ObjectNode) dark.get("ambient")).put("illuminanceLux", 0);
        pair.set("first", brighter);
        pair.set("second", dark);
        JsonNode stops = json(post("/api/differences", pair.toString())).get("stopHundredths");
        assertThat(stops.get(0).asInt()).isBetween(99, 101);
    }

    @Test
    public void layersComeAsFiles() throws IOException {
        byte[] zip = post("/api/picture-files?kind=LAYERS&width=240", bare().toString())
                .body();
        Set<String> names = new TreeSet<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (var entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                names.add(entry.getName());
            }
        }
        assertThat(names).containsExactly("ambient.hdr", "key.hdr", "table.hdr");
    }

    private JsonNode highlight(ObjectNode set) {
        return json(post("/api/highlights", set.toString()));
    }

    /** The chowder is glazed and mirrors a softbox behind it; a biscuit is matte. */
    @Test
    public void aHighlightIsFoundInTheFrame() {
        ObjectNode back = bare();
        ((ObjectNode) back.get("light")).put("clockHours", 12).put("heightAngleDegrees", 45);
        JsonNode found = highlight(back).get("highlight");
        assertThat(found.get("across").asDouble()).isBetween(0.2, 0.8);
        assertThat(found.get("down").asDouble()).isBetween(0.2, 0.8);
        assertThat(found.get("lengthMetres").asDouble())
                .isGreaterThanOrEqualTo(found.get("widthMetres").asDouble());
        assertThat(found.get("frameShare").asDouble()).isBetween(0.01, 1.0);
        ObjectNode matte = bare();
        ((ObjectNode) matte.get("dish")).removeAll();
        ((ObjectNode) matte.get("dish"))
                .put("kind", "biscuit")
                .put("diameterMetres", 0.08)
                .put("thicknessMetres", 0.01)
                .put("surface", "baked-pastry");
        assertThat(highlight(matte).path("highlight").isObject()).isFalse();
    }
}
