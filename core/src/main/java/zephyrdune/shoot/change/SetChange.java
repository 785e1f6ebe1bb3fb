package zephyrdune.shoot.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.answers.setsheet.Measure;
import zephyrdune.answers.setsheet.SetSheet;
import zephyrdune.answers.setsheet.SheetPart;
import zephyrdune.answers.setsheet.SheetPart.Kind;
import zephyrdune.answers.setsheet.SheetPart.SheetLine;
import zephyrdune.render.lens.Perspective;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.light.Light;
import zephyrdune.shoot.change.ChangeStep.ChangedLine;
import zephyrdune.units.measure.Unit;

/** The way from one set to another, step by step, in the order in which it is done. */
public record SetChange(List<ChangeStep> steps) {

    /** Nearer than that nobody measures: lengths in metres, angles in radians, stops, and what is read off a scale as a share of it. */
    private static final double SAME_LENGTH = 0.005;

    private static final double SAME_ANGLE = Math.toRadians(0.5);
    private static final double SAME_STOP = 0.05;
    private static final double SAME_SHARE = 0.005;

    /** A camera that is tilted by more has another angle, radians. */
    private static final double SAME_VIEW = Math.toRadians(3);

    private static final List<Measure> SETTINGS =
            List.of(Measure.APERTURE, Measure.SHUTTER, Measure.SPEED, Measure.WHITE_BALANCE);

    private static final List<Measure> SIZE = List.of(Measure.WIDTH, Measure.HEIGHT);

    public SetChange {
        steps = List.copyOf(steps);
    }

    /** From an empty table. */
    public static SetChange first(TableSet set) {
        return new SetChange(
                List.of(new ChangeStep(ChangeKind.FIRST_SET_UP, "camera, light and cards", 0, List.of()), dish(set)));
    }

    /** Between shots of which one has no set yet: the dish alone is known to change. */
    public static SetChange unknown(String dish) {
        return new SetChange(List.of(new ChangeStep(ChangeKind.DISH, dish, 0, List.of())));
    }

    public static SetChange between(MeasuredSet before, MeasuredSet after) {
        return between(before.set(), before.sheet(), after.set(), after.sheet());
    }

    private static SetChange between(TableSet from, SetSheet before, TableSet to, SetSheet after) {
        List<ChangeStep> steps = new ArrayList<>();
        CardMoves cards = CardMoves.between(from.cards(), to.cards());
        cards.away()
                .forEach(card ->
                        steps.add(step(ChangeKind.CARD_AWAY, card.surface().words(), 0, List.of())));
        room(from, to, before, after).forEach(steps::add);
        camera(from, to, before, after).forEach(steps::add);
        light(from, to, before, after).forEach(steps::add);
        base(from, to, before, after).ifPresent(steps::add);
        List<SheetPart> put = parts(after, Kind.CARD);
        List<SheetPart> stood = parts(before, Kind.CARD);
        for (CardMoves.Move move : cards.moves()) {
            Card card = to.cards().get(move.to());
            List<ChangedLine> lines = move.from().isPresent()
                    ? changed(stood.get(move.from().getAsInt()), put.get(move.to()))
                    : all(put.get(move.to()));
            if (!lines.isEmpty()) {
                ChangeKind kind = move.from().isPresent() ? ChangeKind.CARD_PLACE : ChangeKind.CARD_UP;
                double moved = move.from().isPresent()
                        ? from.cards().get(move.from().getAsInt()).centre().distance(card.centre())
                        : 0;
                steps.add(step(kind, card.surface().words(), moved, lines));
            }
        }
        settings(before, after).ifPresent(steps::add);
        if (!from.dish().equals(to.dish()) || !from.props().equals(to.props())) {
            steps.add(dish(to));
        }
        return new SetChange(steps);
    }

    private static ChangeStep dish(TableSet set) {
        return step(ChangeKind.DISH, set.title(), 0, List.of());
    }

    private static ChangeStep step(ChangeKind kind, String what, double moved, List<ChangedLine> lines) {
        return new ChangeStep(kind, what, moved, lines);
    }

    private static List<ChangeStep> room(TableSet from, TableSet to, SetSheet before, SetSheet after) {
        List<ChangeStep> steps = new ArrayList<>();
        if (!from.tableTop().surface().equals(to.tableTop().surface())) {
            steps.add(step(ChangeKind.TABLE_TOP, to.tableTop().surface().words(), 0, List.of()));
        }
        List<ChangedLine> lines = changed(before, after, Kind.BACKGROUND);
        if (!lines.isEmpty() || !from.backdrop().surface().equals(to.backdrop().surface())) {
            double moved = Math.abs(to.backdrop().distance() - from.backdrop().distance());
            steps.add(step(ChangeKind.BACKGROUND, to.backdrop().surface().words(), moved, lines));
        }
        return steps;
    }

    private static List<ChangeStep> camera(TableSet from, TableSet to, SetSheet before, SetSheet after) {
        List<ChangedLine> lines = changed(before, after, Kind.CAMERA).stream()
                .filter(line -> !SETTINGS.contains(line.measure()))
                .toList();
        if (lines.isEmpty()) {
            return List.of();
        }
        boolean turned = Math.abs(to.camera().elevation() - from.camera().elevation()) > SAME_VIEW;
        Vector3D eye = Perspective.of(from).eye();
        double moved = eye.distance(Perspective.of(to).eye());
        return List.of(step(turned ? ChangeKind.CAMERA_ANGLE : ChangeKind.CAMERA_PLACE, "", moved, lines));
    }

    private static List<ChangeStep> light(TableSet from, TableSet to, SetSheet before, SetSheet after) {
        List<ChangeStep> steps = new ArrayList<>();
        Light old = from.light();
        Light now = to.light();
        List<ChangedLine> lines = changed(before, after, Kind.LIGHT);
        if (!sameChain(old, now)) {
            steps.add(step(ChangeKind.SHAPER, "", 0, only(lines, SIZE)));
        }
        List<ChangedLine> places = lines.stream()
                .filter(line -> line.measure() != Measure.POWER && !SIZE.contains(line.measure()))
                .toList();
        if (!places.isEmpty()) {
            double moved = from.pose().centre().distance(to.pose().centre());
            steps.add(step(ChangeKind.LIGHT_PLACE, "", moved, places));
        }
        List<ChangedLine> power = only(lines, List.of(Measure.POWER));
        if (!power.isEmpty()) {
            steps.add(step(ChangeKind.POWER, "to " + after.mark(), 0, power));
        }
        return steps;
    }

    private static List<ChangedLine> only(List<ChangedLine> lines, List<Measure> measures) {
        return lines.stream().filter(line -> measures.contains(line.measure())).toList();
    }

    private static boolean sameChain(Light one, Light other) {
        return one.source().equals(other.source())
                && one.gel().equals(other.gel())
                && one.losses().equals(other.losses())
                && one.face().equals(other.face())
                && one.filling().equals(other.filling())
                && one.spread().equals(other.spread())
                && one.doors().equals(other.doors());
    }

    private static Optional<ChangeStep> base(TableSet from, TableSet to, SetSheet before, SetSheet after) {
        if (from.base().equals(to.base())) {
            return Optional.empty();
        }
        return Optional.of(step(ChangeKind.BASE, "", 0, changed(before, after, Kind.BASE)));
    }

    private static Optional<ChangeStep> settings(SetSheet before, SetSheet after) {
        List<ChangedLine> lines = only(changed(before, after, Kind.CAMERA), SETTINGS);
        return lines.isEmpty() ? Optional.empty() : Optional.of(step(ChangeKind.SETTINGS, "", 0, lines));
    }

    private static List<SheetPart> parts(SetSheet sheet, Kind kind) {
        return sheet.parts().stream().filter(part -> part.kind() == kind).toList();
    }

    private static List<ChangedLine> changed(SetSheet before, SetSheet after, Kind kind) {
        List<SheetPart> now = parts(after, kind);
        List<SheetPart> old = parts(before, kind);
        if (now.isEmpty()) {
            return List.of();
        }
        return old.isEmpty() ? all(now.get(0)) : changed(old.get(0), now.get(0));
    }

    private static List<ChangedLine> all(SheetPart part) {
        return part.lines().stream()
                .map(line -> new ChangedLine(line.measure(), OptionalDouble.empty(), line.value()))
                .toList();
    }

    private static List<ChangedLine> changed(SheetPart before, SheetPart after) {
        List<ChangedLine> lines = new ArrayList<>();
        for (SheetLine line : after.lines()) {
            OptionalDouble old = before.lines().stream()
                    .filter(one -> one.measure() == line.measure())
                    .mapToDouble(SheetLine::value)
                    .findFirst();
            if (old.isEmpty() || !same(line.measure().unit(), old.getAsDouble(), line.value())) {
                lines.add(new ChangedLine(line.measure(), old, line.value()));
            }
        }
        return lines;
    }

    private static boolean same(Unit unit, double one, double other) {
        double apart = Math.abs(one - other);
        return switch (unit) {
            case METRE -> apart <= SAME_LENGTH;
            case RADIAN -> apart <= SAME_ANGLE;
            case CLOCK_RADIAN -> Math.min(apart, 2 * Math.PI - apart) <= SAME_ANGLE;
            case STOP -> apart <= SAME_STOP;
            default -> apart <= SAME_SHARE * Math.abs(one);
        };
    }
}
