package zephyrdune.server.shoots;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import zephyrdune.answers.setsheet.Measure;
import zephyrdune.formats.ShootClock;
import zephyrdune.shoot.brief.Shoot;
import zephyrdune.shoot.brief.ShootDish;
import zephyrdune.shoot.brief.TwoHourRule;
import zephyrdune.shoot.change.ChangeKind;
import zephyrdune.shoot.change.ChangeStep;
import zephyrdune.shoot.change.SetChange;
import zephyrdune.shoot.change.StepMinutes;
import zephyrdune.shoot.daylight.RoomLight;
import zephyrdune.shoot.runsheet.RunSheet;
import zephyrdune.shoot.runsheet.RunSheetRow;
import zephyrdune.shoot.runsheet.RunState;
import zephyrdune.shoot.runsheet.RunState.Begun;
import zephyrdune.shoot.runsheet.Unmet;
import zephyrdune.units.measure.Unit;

/**
 * A run sheet as people read it. Times are minutes of the day.
 *
 * @param changing what all changes between dishes take, minutes
 * @param began the moment at which the shoot begins, by the clocks of the place
 * @param begins the same, minutes
 * @param now from when on it is
 * @param ends when the last frame is taken
 * @param done keys of dishes that are done, the first first
 * @param minutes how long each kind of step is reckoned to take
 * @param room its own light through the shoot; empty where it does not change
 * @param eatenCaution what is to be minded with food that is eaten afterwards
 * @param missingSets sets that a shot is to be taken on and that are not there any longer
 */
record RunSheetAnswer(
        List<RowAnswer> rows,
        List<UnmetAnswer> unmet,
        double changing,
        Instant began,
        double begins,
        double now,
        double ends,
        List<String> done,
        Optional<OnTableAnswer> onTable,
        List<String> cooking,
        List<StepMinutesAnswer> minutes,
        List<String> missingSets,
        List<RoomMoment> room,
        String eatenCaution) {

    /** Minutes between the moments at which the room's light is told. */
    private static final int ROOM_STEP = 10;

    /**
     * The room's own light at a moment, an estimate.
     *
     * @param lux of a level surface at the hero
     * @param sunny whether the sun shines through the window onto the dish or beside it
     */
    record RoomMoment(double minute, double lux, boolean sunny) {}

    /**
     * @param until when its last frame is reckoned to be taken
     * @param eatenBy when it is eaten or thrown away, where somebody eats it
     */
    record OnTableAnswer(String key, double since, double until, double holdsUntil, Optional<Double> eatenBy) {}

    record StepMinutesAnswer(ChangeKind kind, String title, double minutes, double usual) {}

    record ChangedLineAnswer(Measure measure, String title, Unit unit, Optional<Double> from, double to) {}

    /** @param moved how far its middle goes, metres */
    record ChangeStepAnswer(
            ChangeKind kind, String title, String what, double moved, double minutes, List<ChangedLineAnswer> lines) {

        static ChangeStepAnswer of(ChangeStep step, StepMinutes minutes) {
            return new ChangeStepAnswer(
                    step.kind(),
                    step.kind().title(),
                    step.what(),
                    step.moved(),
                    minutes.of(step.kind()),
                    step.lines().stream()
                            .map(line -> new ChangedLineAnswer(
                                    line.measure(),
                                    line.measure().title(),
                                    line.measure().unit(),
                                    line.from().isPresent()
                                            ? Optional.of(line.from().getAsDouble())
                                            : Optional.empty(),
                                    line.to()))
                            .toList());
        }

        static List<ChangeStepAnswer> of(SetChange change, StepMinutes minutes) {
            return change.steps().stream().map(step -> of(step, minutes)).toList();
        }
    }

    /** @param within what changes between its own shots, in order */
    record RowAnswer(
            String key,
            String name,
            List<ChangeStepAnswer> change,
            List<List<ChangeStepAnswer>> within,
            double changeStarts,
            double changeEnds,
            double kitchenStarts,
            double ready,
            double starts,
            double ends,
            double holdsUntil,
            int plates,
            Optional<Double> roomOff,
            String why) {}

    record UnmetAnswer(
            Unmet.Kind kind, Optional<String> key, String what, Optional<Unmet.Remedy.Change> change, double value) {}

    static RunSheetAnswer of(
            Shoot shoot,
            RunSheet sheet,
            ShootClock times,
            Optional<RoomLight> room,
            RunState state,
            StepMinutes minutes,
            List<String> missingSets) {
        return new RunSheetAnswer(
                sheet.rows().stream().map(row -> row(row, minutes)).toList(),
                sheet.unmet().stream().map(RunSheetAnswer::unmet).toList(),
                sheet.changing(),
                times.start().toInstant(),
                times.startMinute(),
                state.now(),
                sheet.ends(),
                state.done(),
                state.onTable().map(begun -> onTable(shoot, begun, sheet)),
                state.cooking().stream().map(Begun::key).toList(),
                Arrays.stream(ChangeKind.values())
                        .map(kind -> new StepMinutesAnswer(kind, kind.title(), minutes.of(kind), kind.usualMinutes()))
                        .toList(),
                missingSets,
                room.map(light -> moments(light, shoot, sheet)).orElse(List.of()),
                TwoHourRule.WORDS);
    }

    private static List<RoomMoment> moments(RoomLight room, Shoot shoot, RunSheet sheet) {
        double from = shoot.starts() * 60;
        double to = Math.max(shoot.ends() * 60, sheet.ends());
        return IntStream.rangeClosed(0, (int) Math.ceil((to - from) / ROOM_STEP))
                .mapToDouble(at -> from + at * ROOM_STEP)
                .mapToObj(minute -> new RoomMoment(minute, room.at(minute), room.sunny(minute)))
                .toList();
    }

    private static OnTableAnswer onTable(Shoot shoot, Begun begun, RunSheet sheet) {
        ShootDish dish = shoot.dish(begun.key()).orElseThrow();
        return new OnTableAnswer(
                begun.key(),
                begun.since(),
                sheet.onTableEnds(),
                begun.since() + dish.holds(),
                dish.eatenBy(begun.since()).stream().boxed().findFirst());
    }

    private static RowAnswer row(RunSheetRow row, StepMinutes minutes) {
        return new RowAnswer(
                row.key(),
                row.name(),
                ChangeStepAnswer.of(row.change(), minutes),
                IntStream.range(0, row.within().size())
                        .mapToObj(at -> ChangeStepAnswer.of(row.within().get(at), minutes))
                        .toList(),
                row.changeStarts(),
                row.changeEnds(),
                row.kitchenStarts(),
                row.ready(),
                row.starts(),
                row.ends(),
                row.holdsUntil(),
                row.plates(),
                row.roomOff().stream().boxed().findFirst(),
                row.why());
    }

    private static UnmetAnswer unmet(Unmet unmet) {
        return new UnmetAnswer(
                unmet.kind(),
                unmet.key(),
                unmet.what(),
                unmet.remedy().map(Unmet.Remedy::change),
                unmet.remedy().map(Unmet.Remedy::value).orElse(0.0));
    }
}
