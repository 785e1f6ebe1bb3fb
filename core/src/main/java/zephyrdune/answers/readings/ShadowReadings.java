package zephyrdune.answers.readings;

import static zephyrdune.answers.readings.ReadingKind.EDGE_SHOWN;
import static zephyrdune.answers.readings.ReadingKind.EDGE_TO_RIM;
import static zephyrdune.answers.readings.ReadingKind.SHADOW_CLOCK;
import static zephyrdune.answers.readings.ReadingKind.SHADOW_DEPTH;
import static zephyrdune.answers.readings.ReadingKind.SHADOW_LENGTH;

import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.answers.shadow.ShadowDepth;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.light.softness.ShadowEdge;
import zephyrdune.light.softness.TableShadow;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.picture.Mix;
import zephyrdune.set.TableSet;
import zephyrdune.set.light.OffRoom;
import zephyrdune.units.sampling.Sureness;

/** The readings of the hero's shadow: where it falls, its edges, how dark it is. */
final class ShadowReadings {

    private static final String COVERED = "Something stands where the shadow would be probed";
    private static final String OFF_TABLE = "The shadow lies beyond the table's edge";
    private static final String HIDDEN = "The shadow stays under the dish";
    private static final String NARROW =
            "The beam is too narrow there: one side of the edge is dark even without the dish";
    private static final String KEPT_OFF =
            "A card keeps the key off the place where this is probed: with or without the dish it is dark";

    /** Less of the open light than this is dark. */
    private static final double HARDLY = 0.1;

    private final TableSet set;
    private final KeyLight key;
    private final Sureness sureness;
    private Optional<TableShadow> shadow;

    ShadowReadings(TableSet set, KeyLight key, Sureness sureness) {
        this.set = set;
        this.key = key;
        this.sureness = sureness;
    }

    Reading read(ReadingKind kind) {
        return tableShadow()
                .filter(found -> !found.hidden())
                .map(found -> read(kind, found))
                .orElseGet(() -> Reading.absent(kind, noShadow()));
    }

    /** How dark it is. */
    Reading depth(Mix mix) {
        return ShadowDepth.of(set, tableShadow(), mix, sureness)
                .filter(depth -> Double.isFinite(depth.stops()))
                .map(depth -> Reading.of(SHADOW_DEPTH, depth.stops(), depth.place())
                        .named(Wording.SHADOW.of(depth.stops()))
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

    private synchronized Optional<TableShadow> tableShadow() {
        if (shadow == null) {
            shadow = TableShadow.of(set.dish(), key.face());
        }
        return shadow;
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

    private Reading read(ReadingKind kind, TableShadow found) {
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
                seen(kind, found.atTip(), found.tipEdge(), found.tip())
                        .named(softness(found.atTip(), rimHeight))
                        .noting(tipNote.isEmpty() ? leaves() : tipNote);
            case SIDE_EDGE ->
                edge(kind, found.atSide().width(), found.sideEdge(), found.side())
                        .noting(outside(found.side()).replace("tip", "side"))
                        .beside("Light's width, times rim to table, over light to rim", sideRule(found));
            case SIDE_EDGE_SEEN ->
                seen(kind, found.atSide(), found.sideEdge(), found.side())
                        .named(softness(found.atSide(), found.sideEdge().getZ()))
                        .noting(leaves());
            case EDGE_SHOWN -> shown(found);
            case EDGE_TO_RIM ->
                edge(EDGE_TO_RIM, found.atTip().width() / rimHeight, found.tipEdge(), found.tip())
                        .named(softness(found.atTip(), rimHeight));
            case SHADOW_LENGTH ->
                Reading.of(SHADOW_LENGTH, found.length(), foot, found.tip())
                        .noting(tipNote)
                        .beside(
                                "Rim's height over the tangent of the light's height angle",
                                rimHeight / Math.tan(set.light().heightAngle()));
            default -> Reading.of(SHADOW_CLOCK, found.clock(), foot, found.tip());
        };
    }

    /** The edge that can be seen in the picture. */
    private Reading shown(TableShadow found) {
        String tipNote = outside(found.tip());
        if (tipNote.isEmpty()) {
            return seen(EDGE_SHOWN, found.atTip(), found.tipEdge(), found.tip())
                    .named(softness(found.atTip(), found.tipEdge().getZ()))
                    .noting(leaves());
        }
        if (outside(found.side()).isEmpty()) {
            return seen(EDGE_SHOWN, found.atSide(), found.sideEdge(), found.side())
                    .named(softness(found.atSide(), found.sideEdge().getZ()))
                    .noting("At the side of the shadow: " + tipNote.toLowerCase(Locale.ROOT));
        }
        return Reading.absent(EDGE_SHOWN, tipNote);
    }

    private static String softness(ShadowEdge edge, double height) {
        return Wording.EDGE.of(edge.width() / height);
    }

    /** Where the tip is not on the table in the frame. */
    private String tipNote(Vector3D tip) {
        String outside = outside(tip);
        return set.tableTop().holds(tip.getX(), tip.getY())
                        && tip.getY() <= set.backdrop().distance()
                ? outside
                : outside + "; read as if the table went on";
    }

    /** Why the picture does not show the end of a shadow; empty where it does. */
    private String outside(Vector3D end) {
        if (end.getY() > set.backdrop().distance()) {
            return "The tip falls on the backdrop";
        }
        if (!set.tableTop().holds(end.getX(), end.getY())) {
            return "The tip falls beyond the table's edge";
        }
        return Perspective.of(set).shows(end) ? "" : "The tip is out of the frame";
    }

    private static Reading edge(ReadingKind kind, double width, Vector3D thrownBy, Vector3D onTable) {
        return Double.isFinite(width)
                ? Reading.of(kind, width, thrownBy, onTable)
                : Reading.absent(kind, "Part of the light is below the rim: the edge never ends on the table");
    }

    private static Reading seen(ReadingKind kind, ShadowEdge edge, Vector3D thrownBy, Vector3D onTable) {
        OptionalDouble seen = edge.tenToNinety();
        return (seen.isPresent() ? edge(kind, seen.getAsDouble(), thrownBy, onTable) : Reading.absent(kind, NARROW))
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
}
