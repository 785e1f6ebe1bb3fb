package zephyrdune.light.illuminance;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Panel;
import zephyrdune.set.card.Piece;
import zephyrdune.set.dish.Dish;
import zephyrdune.units.measure.Cancellation;
import zephyrdune.units.measure.Stops;

/**
 * The place on the hero's top where a pattern leaves most of the key. Looked for where the light's middle shines through each opening, and
 * between; from the best of these uphill. The hero's middle is taken where it has nearly as much.
 */
final class BrightestPatch {

    private static final Vector3D UP = Vector3D.Unit.PLUS_Z;

    /** The middle is as good within a tenth of a stop. */
    private static final double AS_GOOD = Stops.ratio(-0.1);

    /** Places between the openings' images, in a spiral out to this share of the way to the hero's outline. */
    private static final int PLACES = 61;

    private static final double ON_TOP = 0.8;
    private static final Comparator<Place> BRIGHTEST_FIRST =
            Comparator.comparingDouble(Place::light).reversed();

    private static final double GOLDEN_ANGLE = Math.PI * (3 - Math.sqrt(5));

    /** So many places are followed uphill, in steps from this share of the hero's radius down to two millimetres; the best of them down to a fifth of one. */
    private static final int FOLLOWED = 6;

    private static final int FOLLOWED_TO_THE_END = 2;

    private static final double FIRST_STEP = 0.125;
    private static final double COARSE_STEP = 2e-3;
    private static final double LAST_STEP = 2e-4;

    private final Dish dish;
    private final KeyLight key;
    private final Vector3D hero;

    private record Place(double x, double y, double light) {}

    private record Spot(double x, double y) {}

    private BrightestPatch(TableSet set, KeyLight key) {
        dish = set.dish();
        this.key = key;
        hero = key.hero();
    }

    static Vector3D of(TableSet set, KeyLight key) {
        BrightestPatch search = new BrightestPatch(set, key);
        Place middle = search.at(0, 0);
        List<Spot> spots = new ArrayList<>();
        set.cards().stream().filter(card -> card.cut().patterned()).forEach(card -> search.images(card, spots));
        search.between(spots);
        List<Place> places = Cancellation.onAllCores(spots, spot -> search.at(spot.x, spot.y));
        Place best = search
                .uphill(
                        search.uphill(search.apart(places), FIRST_STEP * search.dish.radius(), COARSE_STEP).stream()
                                .sorted(BRIGHTEST_FIRST)
                                .limit(FOLLOWED_TO_THE_END)
                                .toList(),
                        COARSE_STEP,
                        LAST_STEP)
                .stream()
                .min(BRIGHTEST_FIRST)
                .orElse(middle);
        return middle.light >= AS_GOOD * best.light ? search.hero : Vector3D.of(best.x, best.y, search.hero.getZ());
    }

    /** The brightest, each far enough from those before it to lead elsewhere. */
    private List<Place> apart(List<Place> places) {
        double least = FIRST_STEP * dish.radius();
        List<Place> chosen = new ArrayList<>();
        for (Place place : places.stream().sorted(BRIGHTEST_FIRST).toList()) {
            boolean near = chosen.stream().anyMatch(one -> Math.hypot(one.x - place.x, one.y - place.y) < least);
            if (!near && chosen.size() < FOLLOWED) {
                chosen.add(place);
            }
        }
        return chosen;
    }

    private Place at(double x, double y) {
        Cancellation.check();
        return new Place(x, y, key.at(Vector3D.of(x, y, hero.getZ()), UP));
    }

    private boolean onTop(double x, double y) {
        double out = Math.hypot(x, y);
        return out == 0 || out <= ON_TOP * dish.out(x / out, y / out);
    }

    /** Where the light's middle shines through the openings of a card onto the hero's top. */
    private void images(Card card, List<Spot> spots) {
        Vector3D light = key.face().centre();
        for (Panel panel : card.panels()) {
            for (Piece opening : panel.pieces()) {
                Vector3D in = panel.at(opening.across(), opening.up());
                double share = (light.getZ() - hero.getZ()) / (light.getZ() - in.getZ());
                Vector3D at = light.add(in.subtract(light).multiply(share));
                if (share > 1 && onTop(at.getX(), at.getY())) {
                    spots.add(new Spot(at.getX(), at.getY()));
                }
            }
        }
    }

    private void between(List<Spot> spots) {
        for (int i = 0; i < PLACES; i++) {
            double turn = i * GOLDEN_ANGLE;
            double x = Math.cos(turn);
            double y = Math.sin(turn);
            double out = ON_TOP * dish.out(x, y) * Math.sqrt(i / (double) PLACES);
            spots.add(new Spot(out * x, out * y));
        }
    }

    private List<Place> uphill(List<Place> from, double first, double last) {
        return Cancellation.onAllCores(from, place -> uphill(place, first, last));
    }

    private Place uphill(Place from, double first, double last) {
        Place best = from;
        Place before = from;
        double stepBefore = 0;
        double step = first;
        while (step > last) {
            Place next = best;
            // straight and across: ridges between the light's images run any way; what lay round the place before is
            // known
            for (int way = 0; way < 9; way++) {
                double x = best.x + step * (way % 3 - 1);
                double y = best.y + step * (way / 3 - 1);
                boolean known = Math.max(Math.abs(x - before.x), Math.abs(y - before.y)) < 1.5 * stepBefore;
                if (way != 4 && !known && onTop(x, y)) {
                    Place there = at(x, y);
                    next = there.light > next.light ? there : next;
                }
            }
            before = best;
            stepBefore = next == best ? 0 : step;
            step = next == best ? step / 2 : step;
            best = next;
        }
        return best;
    }
}
