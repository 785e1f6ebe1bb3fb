package zephyrdune.shoot.runsheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.UnaryOperator;
import org.testng.annotations.Test;
import zephyrdune.shoot.brief.AnyTurn;
import zephyrdune.shoot.brief.NotAfter;
import zephyrdune.shoot.brief.Plates;
import zephyrdune.shoot.brief.Shoot;
import zephyrdune.shoot.brief.ShootDish;
import zephyrdune.shoot.brief.TimeAt;
import zephyrdune.shoot.brief.TurnAt;
import zephyrdune.shoot.change.StepMinutes;
import zephyrdune.shoot.runsheet.Unmet.Kind;

/** What cannot be met is said by name, and what is offered mends it. */
public class RunSheetTest {

    private static final Shoot EASY = easy();

    private static Shoot easy() {
        Shoot drawn = DrawnShoots.drawn(new Random(5), 5, false);
        return drawn.withEnds(20)
                .withAppointments(List.of())
                .withDishes(drawn.dishes().stream()
                        .map(dish -> dish.withHolds(40).withPlates(Plates.ONE))
                        .toList());
    }

    private static RunSheet of(Shoot shoot) {
        return RunSheet.of(
                shoot, DrawnShoots.kept(), StepMinutes.USUAL, RunState.before(shoot.starts() * 60), Optional.empty());
    }

    private static Shoot with(Shoot shoot, int at, UnaryOperator<ShootDish> change) {
        List<ShootDish> dishes = new java.util.ArrayList<>(shoot.dishes());
        dishes.set(at, change.apply(dishes.get(at)));
        return shoot.withDishes(dishes);
    }

    private static Unmet only(RunSheet sheet, Kind kind) {
        assertThat(sheet.unmet()).extracting(Unmet::kind).containsExactly(kind);
        return sheet.unmet().get(0);
    }

    @Test
    public void whatCanBeMetIsMet() {
        RunSheet sheet = of(EASY);
        assertThat(sheet.unmet()).isEmpty();
        assertThat(sheet.rows())
                .hasSize(5)
                .allSatisfy(row -> assertThat(row.why()).isNotBlank());
        assertThat(sheet.rows().stream()
                        .mapToDouble(row -> StepMinutes.USUAL.of(row.change()))
                        .sum())
                .isEqualTo(sheet.changing());
    }

    @Test
    public void aDishThatDoesNotHoldForItsFrames() {
        Shoot shoot = with(EASY, 2, dish -> dish.withHolds(2).withName("Foam"));
        Unmet unmet = only(of(shoot), Kind.DOES_NOT_HOLD);
        assertThat(unmet.what()).contains("“Foam” holds 2 min");
        assertThat(of(with(shoot, 2, dish -> dish.withPlates(Plates.AS_NEEDED))).unmet())
                .isEmpty();
    }

    @Test
    public void aDishThatCanNeverBeInTime() {
        Shoot shoot = with(EASY, 1, dish -> dish.withName("Stew").withFrom(13).withBy(13.1));
        Unmet unmet = only(of(shoot), Kind.LATE);
        assertThat(unmet.what()).contains("“Stew”").contains("even if it came first");
        double by = unmet.remedy().orElseThrow().value();
        assertThat(of(with(shoot, 1, dish -> dish.withBy(by))).unmet()).isEmpty();
    }

    @Test
    public void twoDishesAtOneTime() {
        Shoot shoot =
                with(with(EASY, 0, dish -> dish.withTurn(new TimeAt(14))), 3, dish -> dish.withTurn(new TimeAt(14)));
        Unmet unmet = only(of(shoot), Kind.NOT_AT_ITS_TIME);
        double time = unmet.remedy().orElseThrow().value();
        int at = Integer.parseInt(unmet.key().orElseThrow().replace("dish-", ""));
        assertThat(of(with(shoot, at, dish -> dish.withTurn(new TimeAt(time)))).unmet())
                .isEmpty();
    }

    @Test
    public void twoDishesInOneTurn() {
        Shoot shoot =
                with(with(EASY, 0, dish -> dish.withTurn(new TurnAt(2))), 3, dish -> dish.withTurn(new TurnAt(2)));
        Unmet unmet = only(of(shoot), Kind.NOT_IN_ITS_TURN);
        int at = Integer.parseInt(unmet.key().orElseThrow().replace("dish-", ""));
        assertThat(of(with(shoot, at, dish -> dish.withTurn(new AnyTurn()))).unmet())
                .isEmpty();
    }

    @Test
    public void aDayThatIsTooShort() {
        Shoot shoot = EASY.withEnds(13.5);
        Unmet unmet = only(of(shoot), Kind.OVER_TIME);
        assertThat(unmet.key()).isEmpty();
        assertThat(of(shoot.withEnds(unmet.remedy().orElseThrow().value())).unmet())
                .isEmpty();
    }

    @Test
    public void aHandMovesADishAndKeepsTwoApart() {
        RunSheet free = of(EASY);
        String last = free.rows().get(4).key();
        String before = free.rows().get(3).key();
        int at = Integer.parseInt(last.replace("dish-", ""));
        RunSheet pinned = of(with(EASY, at, dish -> dish.withTurn(new TurnAt(1))));
        assertThat(pinned.rows().get(0).key()).isEqualTo(last);
        assertThat(pinned.rows().get(0).why()).isEqualTo("Put there by hand");
        List<String> apart = of(EASY.withApart(List.of(new NotAfter(before, last)))).rows().stream()
                .map(RunSheetRow::key)
                .toList();
        assertThat(apart.indexOf(last)).isNotEqualTo(apart.indexOf(before) + 1);
    }

    @Test
    public void withoutSetsAndWithoutDishes() {
        RunSheet unknown = RunSheet.of(EASY, Map.of(), StepMinutes.USUAL, RunState.before(13 * 60), Optional.empty());
        assertThat(unknown.rows()).hasSize(5);
        assertThat(of(EASY.withDishes(List.of())).rows()).isEmpty();
    }

    /** The most dishes there may be: ordered, each once. */
    @Test
    public void twoHundredDishes() {
        RunSheet sheet = of(DrawnShoots.drawn(new Random(1), 200, false).withEnds(30));
        assertThat(sheet.rows())
                .extracting(RunSheetRow::key)
                .doesNotHaveDuplicates()
                .hasSize(200);
    }
}
