package zephyrdune.server.shoots;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import zephyrdune.answers.setsheet.Measure;
import zephyrdune.shoot.brief.Shoot;
import zephyrdune.shoot.change.ChangeKind;
import zephyrdune.shoot.change.ChangeStep;
import zephyrdune.shoot.change.SetChange;
import zephyrdune.shoot.change.StepMinutes;
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
 * @param now from when on it is
 * @param ends when the last frame is taken
 * @param done keys of dishes that are done, the first first
 * @param minutes how long each kind of step is reckoned to take
 * @param missingSets sets that a shot is to be taken on and that are not there any longer
 */
record RunSheetAnswer(
        List<RowAnswer> rows,
        List<UnmetAnswer> unmet,
        double changing,
        double now,
        double ends,
        List<String> done,
        Optional<OnTableAnswer> onTable,
        List<String> cooking,
        List<StepMinutesAnswer> minutes,
        List<String> missingSets) {

    /** @param until when its last frame is reckoned to be taken */
    record OnTableAnswer(String key, double since, double until, double holdsUntil) {}

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
            String why) {}

    record UnmetAnswer(
            Unmet.Kind kind, Optional<String> key, String what, Optional<Unmet.Remedy.Change> change, double value) {}

    static RunSheetAnswer of(
            Shoot shoot, RunSheet sheet, RunState state, StepMinutes minutes, List<String> missingSets) {
        return new RunSheetAnswer(
                sheet.rows().stream().map(row -> row(row, minutes)).toList(),
                sheet.unmet().stream().map(RunSheetAnswer::unmet).toList(),
                sheet.changing(),
                state.now(),
                sheet.ends(),
                state.done(),
                state.onTable().map(begun -> onTable(shoot, begun, sheet)),
                state.cooking().stream().map(Begun::key).toList(),
                Arrays.stream(ChangeKind.values())
                        .map(kind -> new StepMinutesAnswer(kind, kind.title(), minutes.of(kind), kind.usualMinutes()))
                        .toList(),
                missingSets);
    }

    private static OnTableAnswer onTable(Shoot shoot, Begun begun, RunSheet sheet) {
        double holds = shoot.dish(begun.key()).orElseThrow().holds();
        return new OnTableAnswer(begun.key(), begun.since(), sheet.onTableEnds(), begun.since() + holds);
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
