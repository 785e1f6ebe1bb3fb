package zephyrdune.readings;

import static zephyrdune.readings.ReadingKind.BACKDROP_LEVEL;
import static zephyrdune.readings.ReadingKind.BACKDROP_TONE;
import static zephyrdune.readings.ReadingKind.EDGE_TO_RIM;
import static zephyrdune.readings.ReadingKind.FACE_IN_USE;
import static zephyrdune.readings.ReadingKind.FALL_OFF_FRAME;
import static zephyrdune.readings.ReadingKind.FALL_OFF_HERO;
import static zephyrdune.readings.ReadingKind.LOST;
import static zephyrdune.readings.ReadingKind.POINT_RULE_ERROR;
import static zephyrdune.readings.ReadingKind.SHADOW_CLOCK;
import static zephyrdune.readings.ReadingKind.SHADOW_DEPTH;
import static zephyrdune.readings.ReadingKind.SHADOW_LENGTH;
import static zephyrdune.readings.ReadingKind.SIZE_ACROSS;
import static zephyrdune.readings.ReadingKind.SIZE_ALONG;
import static zephyrdune.readings.ReadingKind.SOLID_ANGLE;

import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.falloff.FallOff;
import zephyrdune.illuminance.KeyLight;
import zephyrdune.illuminance.PointRule;
import zephyrdune.measure.Cancellation;
import zephyrdune.measure.Stops;
import zephyrdune.metering.HeroExposure;
import zephyrdune.picture.BackdropTone;
import zephyrdune.picture.Mix;
import zephyrdune.picture.View;
import zephyrdune.shadow.ShadowDepth;
import zephyrdune.softness.ApparentSize;
import zephyrdune.softness.ShadowEdge;
import zephyrdune.softness.TableShadow;
import zephyrdune.table.Bare;
import zephyrdune.table.EvenlyLit;
import zephyrdune.table.Light;
import zephyrdune.table.OffRoom;
import zephyrdune.table.TableSet;

/** Reads a set; what several readings need is worked out once. */
final class Probe {

    private static final String COVERED = "Something stands where the shadow would be probed";
    private static final String OFF_TABLE = "The shadow lies beyond the table's edge";
    private static final String HIDDEN = "The shadow stays under the dish";
    private static final String NARROW =
            "The beam is too narrow there: one side of the edge is dark even without the dish";
    private static final String KEPT_OFF =
            "A card keeps the key off the place where this is probed: with or without the dish it is dark";

    /** Less of the open light than this is dark. */
    private static final double HARDLY = 0.1;

    /** A part of the panel that is smaller than this share of it is told apart from it. */
    private static final double ALL = 0.97;

    private static final String NO_LIGHT = "The light does not reach this place";

    private final TableSet set;
    private final KeyLight key;
    private HeroExposure hero;
    private Mix mix;
    private CompletableFuture<Optional<ShadowDepth>> depth;
    private Optional<TableShadow> shadow;
    private final ShapingReadings shaping;

    Probe(TableSet set) {
        this.set = set;
        key = KeyLight.of(set);
        shaping = new ShapingReadings(set, key, this::hero);
    }

    Reading read(ReadingKind kind) {
        return switch (kind) {
            case SIZE_ACROSS, SIZE_ALONG, SOLID_ANGLE -> size(kind);
            case TIP_EDGE, TIP_EDGE_SEEN, SIDE_EDGE, SIDE_EDGE_SEEN, EDGE_TO_RIM, SHADOW_LENGTH, SHADOW_CLOCK ->
                tableShadow()
                        .filter(found -> !found.hidden())
                        .map(found -> shadow(kind, found))
                        .orElseGet(() -> Reading.absent(kind, noShadow()));
            case SHADOW_DEPTH -> shadowDepth();
            case FALL_OFF_HERO -> fallOff(kind, FallOff.acrossHero(set, key));
            case FALL_OFF_FRAME -> fallOff(kind, FallOff.acrossFrame(set, key));
            case BACKDROP_LEVEL ->
                fallOff(kind, FallOff.heroToBackdrop(set, key)).noting(backdropNote());
            case BACKDROP_TONE -> backdropTone();
            case POINT_RULE_ERROR -> pointRule();
            case FACE_IN_USE ->
                Reading.of(FACE_IN_USE, key.face().usedShare(), key.face().centre());
            case LOST ->
                Reading.of(LOST, lost(), key.face().centre())
                        .beside("What is stated to be lost", set.light().loss());
            case KEY_EXPOSURE,
                    KEY_SHARE,
                    TABLE_SHARE,
                    ROOM_SHARE,
                    CARD_SHARE,
                    BASE_SHARE,
                    AMBIENT_SHARE,
                    POWER,
                    OFF_EXPOSURE,
                    AMBIENT_UNDER_KEY,
                    AMBIENT_FRAME,
                    DEPTH_OF_FIELD,
                    LIGHT_TINT,
                    SHADOW_TINT -> CameraReadings.read(kind, set, key, hero());
            case LIT_TO_SHADOW,
                    LIT_TO_SHADOW_BARE,
                    CARD_LIFT,
                    CARD_TINT,
                    STRIP_FULL,
                    STRIP_HALF,
                    STRIP_EDGE,
                    PATTERN_CONTRAST,
                    PATCH_SIZE,
                    PATCH_BLUR,
                    PATTERN_GONE,
                    BASE_UNDER_KEY,
                    BASE_EDGE -> shaping.read(kind);
        };
    }

    /** A bare source gives all that is stated of it, but for stated losses. */
    private double lost() {
        Light light = set.light();
        boolean bare = light.spread() instanceof Bare && light.filling() instanceof EvenlyLit;
        return bare ? light.loss() : Stops.between(light.source().flux(), key.flux());
    }

    private Optional<TableShadow> tableShadow() {
        if (shadow == null) {
            shadow = TableShadow.of(set);
        }
        return shadow;
    }

    private HeroExposure hero() {
        if (hero == null) {
            hero = HeroExposure.of(set, key);
        }
        return hero;
    }

    /** Begins on the shadow's depth, which takes as long as the rest. */
    void ahead() {
        Mix all = mix();
        depth = Cancellation.aside(() -> ShadowDepth.of(set, all));
    }

    private Optional<ShadowDepth> depth() {
        return depth == null ? ShadowDepth.of(set, mix()) : Cancellation.outcome(depth);
    }

    private Mix mix() {
        if (mix == null) {
            mix = Mix.of(set, Set.of(), key, hero().below());
        }
        return mix;
    }

    private Reading size(ReadingKind kind) {
        ApparentSize size = ApparentSize.from(key.hero(), key.face().acting());
        ApparentSize panel = ApparentSize.from(key.hero(), key.face());
        double distance = key.face().centre().distance(key.hero());
        return switch (kind) {
            case SIZE_ACROSS ->
                Reading.of(SIZE_ACROSS, size.across(), key.hero())
                        .beside("As wide as it is far is the yardstick of a soft light", 1)
                        .noting(ofThePanel(size.across(), panel.across(), "%.2f : 1"));
            case SIZE_ALONG ->
                Reading.of(SIZE_ALONG, size.along(), key.hero())
                        .beside("As high as it is far is the yardstick of a soft light", 1)
                        .noting(ofThePanel(size.along(), panel.along(), "%.2f : 1"));
            default ->
                Reading.of(SOLID_ANGLE, size.solidAngle(), key.hero())
                        .beside("Area over distance squared", key.face().area() / (distance * distance))
                        .noting(ofThePanel(size.solidAngle(), panel.solidAngle(), "%.3f sr"));
        };
    }

    /** What the whole panel would read where only part of it is lit. */
    private static String ofThePanel(double acting, double whole, String format) {
        return acting < ALL * whole ? "Of what is lit; the panel's own is " + format.formatted(whole) : "";
    }

    private String noShadow() {
        if (tableShadow().isPresent()) {
            return HIDDEN;
        }
        return key.face().centre().getZ() <= set.dish().height()
                ? "The light is no higher than the rim: the shadow does not end on the table"
                : "The light is straight above: the shadow lies under the dish";
    }

    /** Edges are those of one face: what the other leaves of a corner give softens them further. */
    private String leaves() {
        return key.others().isEmpty()
                ? ""
                : "By the patch on the %s alone, which gives %.0f %% of the hero's light; the other leaf of the corner softens the edge further"
                        .formatted(((OffRoom) set.light().filling()).side().words(), 100 * key.faceShare());
    }

    private Reading shadow(ReadingKind kind, TableShadow found) {
        String tipNote = tipNote(found.tip());
        Vector3D foot = Vector3D.of(found.tipEdge().getX(), found.tipEdge().getY(), 0);
        double rimHeight = found.tipEdge().getZ();
        return switch (kind) {
            case TIP_EDGE ->
                edge(kind, found.atTip().width(), found.tipEdge(), found.tip())
                        .noting(tipNote)
                        .beside(
                                "Light's height square to the ray, times rim to table, over light to rim",
                                tipRule(found));
            case TIP_EDGE_SEEN ->
                seen(kind, found.atTip(), found.tipEdge(), found.tip()).noting(tipNote.isEmpty() ? leaves() : tipNote);
            case SIDE_EDGE ->
                edge(kind, found.atSide().width(), found.sideEdge(), found.side())
                        .beside("Light's width, times rim to table, over light to rim", sideRule(found));
            case SIDE_EDGE_SEEN ->
                seen(kind, found.atSide(), found.sideEdge(), found.side()).noting(leaves());
            case EDGE_TO_RIM -> edge(EDGE_TO_RIM, found.atTip().width() / rimHeight, found.tipEdge(), found.tip());
            case SHADOW_LENGTH ->
                Reading.of(SHADOW_LENGTH, found.length(), foot, found.tip())
                        .noting(tipNote)
                        .beside(
                                "Rim's height over the tangent of the light's height angle",
                                rimHeight / Math.tan(set.light().heightAngle()));
            default -> Reading.of(SHADOW_CLOCK, found.clock(), foot, found.tip());
        };
    }

    /** Where the tip is not on the table in the frame. */
    private String tipNote(Vector3D tip) {
        if (tip.getY() > set.backdrop().distance()) {
            return "The tip falls on the backdrop; read as if the table went on";
        }
        if (!set.tableTop().holds(tip.getX(), tip.getY())) {
            return "The tip falls beyond the table's edge; read as if the table went on";
        }
        return inFrame(tip) ? "" : "The tip is out of the frame";
    }

    private boolean inFrame(Vector3D place) {
        Vector3D seen = View.of(set).project(place);
        return seen.getZ() > 0 && Math.abs(seen.getX() - 0.5) <= 0.5 && Math.abs(seen.getY() - 0.5) <= 0.5;
    }

    private static Reading edge(ReadingKind kind, double width, Vector3D thrownBy, Vector3D onTable) {
        return Double.isFinite(width)
                ? Reading.of(kind, width, thrownBy, onTable)
                : Reading.absent(kind, "Part of the light is below the rim: the edge never ends on the table");
    }

    private static Reading seen(ReadingKind kind, ShadowEdge edge, Vector3D thrownBy, Vector3D onTable) {
        double seen = edge.tenToNinety();
        return (Double.isNaN(seen) ? Reading.absent(kind, NARROW) : edge(kind, seen, thrownBy, onTable))
                .beside("Four fifths of the whole edge", 0.8 * edge.width());
    }

    /** s b / (a sin i), the face's height taken as square to the ray; where the rim runs askew, with what the face's width adds. */
    private double tipRule(TableShadow found) {
        double a = key.face().centre().distance(found.tipEdge());
        double b = found.tipEdge().distance(found.tip());
        double sine = found.tipEdge().getZ() / b;
        double straight = found.atTip().direction().dot(found.from().normalize());
        double askew = Math.sqrt(Math.max(0, 1 - straight * straight));
        double height = 2 * key.face().upHalf().norm();
        double width = 2 * key.face().acrossHalf().norm();
        return (height / sine * straight + width * askew) * b / a;
    }

    private double sideRule(TableShadow found) {
        double a = key.face().centre().distance(found.sideEdge());
        double b = found.sideEdge().distance(found.side());
        return 2 * key.face().acrossHalf().norm() * b / a;
    }

    private Reading shadowDepth() {
        return depth().filter(depth -> Double.isFinite(depth.stops()))
                .map(depth -> Reading.of(SHADOW_DEPTH, depth.stops(), depth.place())
                        .uncertain(depth.error())
                        .noting(dark(depth.place()) ? KEPT_OFF : ""))
                .orElseGet(() -> Reading.absent(SHADOW_DEPTH, unseen()));
    }

    private String unseen() {
        if (tableShadow().isEmpty() || tableShadow().get().hidden()) {
            return noShadow();
        }
        Vector3D from = tableShadow().get().from();
        return set.tableTop().holds(from.getX(), from.getY()) ? COVERED : OFF_TABLE;
    }

    /** Whether cards leave hardly any of the key where a shadow is looked for. */
    private boolean dark(Vector3D place) {
        return key.at(place, Vector3D.Unit.PLUS_Z) < HARDLY * key.openAt(place, Vector3D.Unit.PLUS_Z);
    }

    private Reading fallOff(ReadingKind kind, FallOff fallOff) {
        return Double.isFinite(fallOff.stops())
                ? Reading.of(kind, fallOff.stops(), fallOff.from(), fallOff.to())
                        .beside("Inverse-square law by the distances from the light's centre", fallOff.rule())
                : Reading.absent(kind, NO_LIGHT);
    }

    private String backdropNote() {
        return inFrame(Vector3D.of(0, set.backdrop().distance(), set.dish().top()))
                ? ""
                : "This place of the backdrop is out of the frame";
    }

    private Reading backdropTone() {
        BackdropTone tone = BackdropTone.of(set, mix());
        return Double.isFinite(tone.stops())
                ? Reading.of(BACKDROP_TONE, tone.stops(), tone.place())
                        .called(tone.name().words())
                        .noting(backdropNote())
                : Reading.absent(BACKDROP_TONE, NO_LIGHT);
    }

    private Reading pointRule() {
        double rule = PointRule.at(key.face(), key.hero(), Vector3D.Unit.PLUS_Z);
        double error = Stops.between(rule, key.openAt(key.hero(), Vector3D.Unit.PLUS_Z));
        return Double.isFinite(error)
                ? Reading.of(POINT_RULE_ERROR, error, key.hero()).noting(fiveTimes())
                : Reading.absent(POINT_RULE_ERROR, NO_LIGHT);
    }

    private String fiveTimes() {
        double size =
                2 * Math.max(key.face().acrossHalf().norm(), key.face().upHalf().norm());
        double distance = key.face().centre().distance(key.hero());
        return "The light is %.1f times its size away; from five times on the rule is within about one percent"
                .formatted(distance / size);
    }
}
