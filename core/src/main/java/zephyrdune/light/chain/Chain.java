package zephyrdune.light.chain;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.emitter.Filled;
import zephyrdune.light.emitter.Outline;
import zephyrdune.light.emitter.Patch;
import zephyrdune.light.emitter.SoftboxLight;
import zephyrdune.set.TableSet;
import zephyrdune.set.distribution.Coverage;
import zephyrdune.set.distribution.Distribution;
import zephyrdune.set.light.Beam;
import zephyrdune.set.light.BookLight;
import zephyrdune.set.light.Capped;
import zephyrdune.set.light.FromBehind;
import zephyrdune.set.light.Gel;
import zephyrdune.set.light.Gridded;
import zephyrdune.set.light.Honeycomb;
import zephyrdune.set.light.InBox;
import zephyrdune.set.light.InnerBaffle;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.Loss;
import zephyrdune.set.light.OffBoard;
import zephyrdune.set.light.OffRoom;
import zephyrdune.set.light.Origin;
import zephyrdune.set.light.Pose;
import zephyrdune.set.light.Snooted;
import zephyrdune.set.room.WalledRoom;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.geometry.Bisection;
import zephyrdune.units.measure.Stops;

/** The way of the light from its source to the face, link by link. The losses of all links add up to what is lost on the way. */
public final class Chain {

    /** Spills below this are left out, stops. */
    private static final double WORTH_A_WORD = 0.005;

    private static final double LAMBERTIAN = 2 * Math.PI / 3;

    private final TableSet set;
    private final Light light;
    private final EmittingFace face;
    private final Outline outline;
    private final double source;
    private final List<Link> links = new ArrayList<>();

    /** What is left so far of the source's light. */
    private double left;

    private Chain(TableSet set) {
        this.set = set;
        light = set.light();
        face = EmittingFace.of(set);
        outline = face.outline();
        source = light.source().flux();
        left = source;
    }

    public static List<Link> of(TableSet set) {
        Chain chain = new Chain(set);
        chain.build();
        return List.copyOf(chain.links);
    }

    private void build() {
        double beam = spread(light.source().distribution());
        links.add(new Link(Link.Kind.SOURCE, "light.source", 0, 0, 0, 1, beam, Optional.empty()));
        Gel gel = light.gel();
        if (!gel.equals(Gel.NONE)) {
            links.add(new Link(Link.Kind.GEL, "light.gel", gel.loss(), 0, 0, 1, beam, Optional.empty()));
        }
        fill();
        left *= gel.through();
        for (int i = 0; i < light.losses().size(); i++) {
            Loss loss = light.losses().get(i);
            left *= Stops.ratio(-loss.amount());
            links.add(link(
                            Link.Kind.SWALLOWED,
                            "light.losses[" + i + "].amount",
                            loss.amount(),
                            Optional.of(loss.origin()))
                    .called(loss.where().words()));
        }
        spread();
    }

    private void fill() {
        Pose pose = set.pose();
        String field = "light.filling";
        if (light.filling() instanceof InBox box) {
            SoftboxLight inside = SoftboxLight.of(light, box, outline);
            Optional<Origin> origin = Optional.of(box.origin());
            after(Link.Kind.LINING, field + ".lining", 1 - inside.lining(), 0, 0, 1, origin);
            if (box.inner() instanceof InnerBaffle inner) {
                double[] half = {
                    light.face().across() / 2 * inner.place(), light.face().along() / 2 * inner.place()
                };
                double used = SoftboxLight.straightOn(light, half, box.depth() * inner.place())
                        .usedShare(outline);
                after(
                        Link.Kind.INNER_BAFFLE,
                        field + ".inner",
                        1 - inside.inner() / (1 - inside.lining()),
                        2 * half[0],
                        2 * half[1],
                        used,
                        origin);
            }
            last(Link.Kind.OUTER_BAFFLE, field + ".outerLoss", inside.out() * source, origin);
        } else if (light.filling() instanceof FromBehind behind) {
            double gap = behind.gap();
            spill(light.source().axialIntensity() / (gap * gap) * face.area() * face.meanEvenness(), field + ".gap");
            last(Link.Kind.PANEL, field, left, Optional.empty());
        } else if (light.filling() instanceof OffBoard || light.filling() instanceof OffRoom) {
            double sent = 0;
            double arriving = 0;
            double kept = Stops.ratio(-light.loss());
            for (Patch patch : patches()) {
                sent += patch.face().flux() / kept;
                arriving += patch.face().flux() / kept / patch.surface().luminous();
            }
            spill(arriving, field);
            if (light.filling() instanceof OffRoom bounce) {
                last(Link.Kind.WALL, bounce.side().title(), field, sent, Optional.empty());
            } else {
                last(Link.Kind.BOARD, field, sent, Optional.empty());
            }
        } else if (light.filling() instanceof BookLight book) {
            double sent = Filled.boardFlux(light, book, pose);
            spill(sent / book.surface().luminous(), field + ".throwing");
            after(
                    Link.Kind.BOARD,
                    field + ".surface",
                    sent / left,
                    book.boardWidth(),
                    book.boardHeight(),
                    1,
                    Optional.empty());
            spill(
                    Filled.of(light, pose, set.room(), outline).exitance() * face.area() * face.meanEvenness(),
                    field + ".gap");
            last(Link.Kind.PANEL, field, left, Optional.empty());
        } else {
            last(Link.Kind.FACE, field, left, Optional.empty());
        }
    }

    /** The board or wall, and the other leaves of a corner. */
    private List<Patch> patches() {
        List<Patch> patches = new ArrayList<>(Patch.of(light, set.room()));
        Surface surface = light.filling() instanceof OffBoard board
                ? board.surface()
                : ((WalledRoom) set.room()).surface(((OffRoom) light.filling()).side());
        patches.add(new Patch(face, surface));
        return patches;
    }

    private void spread() {
        double loss = Stops.between(left, face.flux());
        if (light.spread() instanceof Gridded || light.spread() instanceof Honeycomb) {
            links.add(link(Link.Kind.GRID, "light.spread", loss, Optional.empty()));
        } else if (light.spread() instanceof Snooted) {
            links.add(link(Link.Kind.SNOOT, "light.spread", loss, Optional.empty()));
        } else if (light.spread() instanceof Capped) {
            links.add(link(Link.Kind.CAP, "light.spread", loss, Optional.empty()));
        } else if (light.spread() instanceof Beam) {
            links.add(link(Link.Kind.BEAM, "light.spread", loss, Optional.empty()));
        }
    }

    /** What misses the next thing; left out where hardly anything does. */
    private void spill(double arriving, String field) {
        double loss = Stops.between(left, arriving);
        if (loss > WORTH_A_WORD) {
            links.add(new Link(
                    Link.Kind.SPILL, field, loss, 0, 0, 1, spread(light.source().distribution()), Optional.empty()));
        }
        left = arriving;
    }

    private void after(
            Link.Kind kind,
            String field,
            double share,
            double across,
            double along,
            double used,
            Optional<Origin> origin) {
        left *= share;
        links.add(new Link(kind, field, Stops.between(1, share), across, along, used, LAMBERTIAN, origin));
    }

    private void last(Link.Kind kind, String field, double flux, Optional<Origin> origin) {
        last(kind, kind.title(), field, flux, origin);
    }

    private void last(Link.Kind kind, String title, String field, double flux, Optional<Origin> origin) {
        double loss = Stops.between(left, flux);
        left = flux;
        links.add(new Link(
                kind,
                title,
                field,
                loss,
                2 * face.acrossHalf().norm(),
                2 * face.upHalf().norm(),
                face.usedShare(),
                LAMBERTIAN,
                origin));
    }

    private Link link(Link.Kind kind, String field, double loss, Optional<Origin> origin) {
        return new Link(
                kind,
                field,
                loss,
                2 * face.acrossHalf().norm(),
                2 * face.upHalf().norm(),
                face.usedShare(),
                spread(face.distribution()),
                origin);
    }

    /** Full angle to half of the axial intensity, side to side, radians. */
    static double spread(Distribution distribution) {
        if (distribution instanceof Coverage coverage) {
            return 2 * Math.atan(coverage.tanAcross());
        }
        return 2
                * Bisection.of(
                                0,
                                Math.PI / 2,
                                1e-6,
                                angle -> distribution.relativeIntensity(Math.sin(angle), 0, Math.cos(angle)) >= 0.5)
                        .holds();
    }
}
