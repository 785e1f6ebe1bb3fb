package zephyrdune.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Cards, flags and patterns over HTTP. */
public class ShapingApiTest extends RunningServer {

    private static ObjectNode card(String surface, double clock, double distance) {
        return (ObjectNode) JSON.readTree("""
                { "surface": "%s", "widthMetres": 0.3, "heightMetres": 0.3, "clockHours": %s, "distanceMetres": %s,
                  "liftMetres": 0, "turnDegrees": 0, "leanDegrees": 0, "bendDegrees": 0,
                  "cut": { "holes": { "kind": "no-holes" }, "turnDegrees": 0, "rightMetres": 0, "upMetres": 0 } }
                """.formatted(surface, clock, distance));
    }

    private static ObjectNode carded(ObjectNode... cards) {
        ObjectNode set = chowder();
        ((ObjectNode) set.get("light")).put("clockHours", 9);
        ArrayNode all = set.putArray("cards");
        List.of(cards).forEach(all::add);
        return set;
    }

    private static ObjectNode holed() {
        return holed(0.02);
    }

    private static ObjectNode holed(double diameter) {
        ObjectNode card = card("black-paper", 9, 0.4).put("liftMetres", 0.2);
        ((ObjectNode) card.get("cut"))
                .putObject("holes")
                .put("kind", "round-holes")
                .put("diameterMetres", diameter)
                .put("smallestMetres", diameter)
                .put("spacingMetres", 2 * diameter)
                .put("jitter", 0);
        return card;
    }

    private JsonNode ok(String path, ObjectNode set) {
        HttpResponse<byte[]> answer = post(path, set.toString());
        assertThat(answer.statusCode()).as(path + " " + json(answer)).isEqualTo(200);
        return json(answer);
    }

    @Test
    public void findingsNameAFieldAndTryASet() {
        JsonNode found = ok("/api/findings", carded(card("white-paper", 3, 0.2)));
        assertThat(found.size()).isBetween(1, 3);
        JsonNode first = found.get(0);
        assertThat(first.get("kind").asString()).isEqualTo("CARD_IN_FRAME");
        assertThat(first.get("field").asString()).isEqualTo("cards[0].distanceMetres");
        assertThat(first.get("set").get("format").asString()).isEqualTo("zephyrdune-set");
    }

    @Test
    public void stepsLeaveOutLayersByTheirWords() {
        JsonNode steps = ok("/api/steps", carded(card("white-paper", 3, 0.35)));
        List<String> kinds = new ArrayList<>();
        steps.forEach(step -> kinds.add(step.get("kind").asString()));
        assertThat(kinds).containsExactly("KEY_ONLY", "WITH_CARD", "CARD_OFF", "EVERYTHING");
        assertThat(steps.get(0).get("off").get(0).asString()).isEqualTo("ambient");
        assertThat(steps.get(1).get("litToShadowStops").asDouble())
                .isLessThan(steps.get(0).get("litToShadowStops").asDouble());
    }

    @Test
    public void aCardSaysWhatItDoes() {
        JsonNode effect = ok("/api/card-fills?card=0", carded(card("white-paper", 3, 0.35)));
        assertThat(effect.get("shadowSideStops").asDouble()).isBetween(1.0, 4.0);
        assertThat(effect.get("litSideStops").asDouble()).isCloseTo(0, within(0.1));
        assertThat(effect.get("unseenFromMetres").asDouble()).isBetween(0.2, 0.5);
        JsonNode cut = ok("/api/card-cuts?card=0", carded(holed()));
        assertThat(cut.get("pieces").size()).isGreaterThan(30);
        assertThat(cut.get("standing").asBoolean()).isFalse();
    }

    @Test
    public void cardsAndSlitsArePlaced() {
        JsonNode placed = ok("/api/card-places?card=0&place=OPPOSITE", carded(card("white-paper", 6, 0.35)));
        assertThat(placed.get("cards").get(0).get("clockHours").asDouble()).isCloseTo(3, within(1e-6));
        JsonNode slit = ok("/api/slit-placings", carded());
        assertThat(slit.get("backdropStops").asDouble()).isLessThanOrEqualTo(-3);
        assertThat(slit.get("set")
                        .get("cards")
                        .get(0)
                        .get("cut")
                        .get("holes")
                        .get("kind")
                        .asString())
                .isEqualTo("slit");
        JsonNode base = ok("/api/soft-sun", carded()).get("base");
        assertThat(base.get("underStops").asDouble()).isEqualTo(1);
        assertThat(base.get("clockHours").asDouble()).isEqualTo(9);
        JsonNode inTheWay = ok("/api/card-places?card=0&place=IN_THE_WAY", carded(holed(0.05)));
        JsonNode sharper = ok("/api/sharper", (ObjectNode) inTheWay);
        assertThat(sharper.size()).isBetween(1, 2);
        for (JsonNode move : sharper) {
            // the box is so large that the pattern is wiped out: contrast says what a move does
            JsonNode contrast = move.get("changes").get(1);
            assertThat(contrast.get("before").asDouble()).isLessThan(0.5);
            assertThat(contrast.get("after").asDouble())
                    .isGreaterThan(contrast.get("before").asDouble());
        }
        assertThat(ok("/api/sharper", carded()).size()).isZero();
    }

    @Test
    public void aCardThatCutsSlidesAlongTheBeam() {
        JsonNode inTheWay = ok("/api/card-places?card=0&place=IN_THE_WAY", carded(holed(0.05)));
        JsonNode slide = ok("/api/card-slides?card=0", (ObjectNode) inTheWay).get("slide");
        assertThat(slide.get("nowMetres").asDouble())
                .isGreaterThan(slide.get("nearestMetres").asDouble())
                .isLessThan(slide.get("farthestMetres").asDouble());
        assertThat(slide.get("near").get("z").asDouble())
                .isLessThan(slide.get("far").get("z").asDouble());
        JsonNode fills = ok("/api/card-slides?card=0", carded(card("white-paper", 3, 0.35)));
        assertThat(fills.path("slide").isNull() || fills.path("slide").isMissingNode())
                .isTrue();
    }

    private HttpResponse<byte[]> pattern(String query, byte[] file) {
        return send(to("/api/pattern-files?" + query)
                .header("content-type", "application/octet-stream")
                .POST(BodyPublishers.ofByteArray(file))
                .build());
    }

    /** What comes from a drawing goes into a card, and from there into a template. */
    @Test
    public void fromADrawingToATemplate() {
        byte[] drawing = "<svg xmlns='http://www.w3.org/2000/svg'><circle cx='5' cy='5' r='4'/></svg>"
                .getBytes(StandardCharsets.UTF_8);
        JsonNode holes = json(pattern("name=sun.svg&widthMetres=0.1&open=LIGHT", drawing))
                .get("holes");
        assertThat(holes.get("kind").asString()).isEqualTo("own-holes");
        ObjectNode card = card("black-paper", 9, 0.4);
        ((ObjectNode) card.get("cut")).set("holes", holes);
        HttpResponse<byte[]> svg =
                post("/api/template-files?card=0&kind=SVG", carded(card).toString());
        assertThat(new String(svg.body(), StandardCharsets.UTF_8)).contains("width=\"300mm\"", "<polygon");
        HttpResponse<byte[]> pdf =
                post("/api/template-files?card=0&kind=PDF", carded(card).toString());
        assertThat(new String(pdf.body(), 0, 5, StandardCharsets.ISO_8859_1)).isEqualTo("%PDF-");
        assertThat(ok("/api/readings", carded(card)).get("readings").size()).isGreaterThan(30);
    }

    @DataProvider
    Object[][] bad() {
        return new Object[][] {
            {"/api/card-fills?card=4", 422, "no card 5"},
            {"/api/card-fills?card=-1", 422, "no card 0"},
            {"/api/card-cuts?card=9", 422, "no card 10"},
            {"/api/card-slides?card=1", 422, "no card 2"},
            {"/api/card-places?card=3&place=BOUNCE", 422, "no card 4"},
            {"/api/card-places?card=0&place=ELSEWHERE", 400, ""},
            {"/api/slit-placings?underStops=NaN", 422, "0 to 10 stops"},
            {"/api/slit-placings?underStops=90", 422, "0 to 10 stops"},
            {"/api/template-files?card=0&kind=PDF", 422, "pattern first"},
            {"/api/template-files?card=2&kind=SVG", 422, "no card 3"},
        };
    }

    @Test(dataProvider = "bad")
    public void badQuestionsAreRefused(String path, int status, String words) {
        HttpResponse<byte[]> answer =
                post(path, carded(card("white-paper", 3, 0.35)).toString());
        assertThat(answer.statusCode()).isEqualTo(status);
        assertThat(json(answer).get("detail").asString()).contains(words);
    }

    @Test
    public void badPatternFilesAreRefused() {
        String script = "<svg xmlns='http://www.w3.org/2000/svg'><script/></svg>";
        HttpResponse<byte[]> scripted =
                pattern("name=a&widthMetres=0.1&open=LIGHT", script.getBytes(StandardCharsets.UTF_8));
        assertThat(scripted.statusCode()).isEqualTo(422);
        assertThat(json(scripted).get("errors").get(0).get("field").asString()).isEqualTo("file");
        assertThat(pattern("name=a&widthMetres=0.1&open=LIGHT", new byte[10_000_000])
                        .statusCode())
                .isEqualTo(422);
        byte[] good = "<svg xmlns='http://www.w3.org/2000/svg'><circle r='4'/></svg>".getBytes(StandardCharsets.UTF_8);
        HttpResponse<byte[]> wide = pattern("name=a&widthMetres=Infinity&open=DARK", good);
        assertThat(wide.statusCode()).isEqualTo(422);
        assertThat(json(wide).get("detail").asString()).contains("width");
    }

    /** A card through the dish, two boards that meet, a gobo larger than the light: named, or answered. */
    @Test
    public void oddCardsAreNamedOrAnswered() {
        HttpResponse<byte[]> inDish =
                post("/api/readings", carded(card("white-paper", 3, 0.02)).toString());
        assertThat(inDish.statusCode()).isEqualTo(422);
        assertThat(json(inDish).get("errors").get(0).get("field").asString()).isEqualTo("cards[0].distanceMetres");
        ObjectNode shut = card("black-paper", 9, 0.4).put("widthMetres", 2).put("heightMetres", 2);
        ((ObjectNode) shut.get("cut")).putObject("holes").put("kind", "slit").put("gapMetres", 0);
        JsonNode readings = ok("/api/readings", carded(shut)).get("readings");
        readings.forEach(reading -> {
            if (reading.get("kind").asString().equals("STRIP_FULL")) {
                assertThat(reading.get("value").isNull()).isTrue();
                assertThat(reading.get("note").asString()).contains("open the gap");
            }
        });
        ObjectNode huge = holed().put("widthMetres", 2).put("heightMetres", 3).put("liftMetres", 0);
        ok("/api/plan?reachMetres=1", carded(huge));
    }
}
