package zephyrdune.set.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.testng.annotations.Test;
import zephyrdune.set.light.Diffuse;
import zephyrdune.set.light.EvenlyLit;
import zephyrdune.set.light.InBox;
import zephyrdune.set.light.Loss;
import zephyrdune.set.light.Loss.Where;
import zephyrdune.set.light.NoInner;
import zephyrdune.set.light.Origin;
import zephyrdune.set.light.Rectangle;

/** How far usual values may be off, and that what is known is not. */
public class UsualSpreadTest {

    private static Shaper shaper(Origin lining, Origin cloth, Origin own) {
        return new Shaper(
                "Invented",
                new Rectangle(0.6, 0.6),
                new EvenlyLit(),
                new Diffuse(),
                List.of(new Loss(Where.LINING, 0.4, lining), new Loss(Where.CLOTH, 1, cloth)),
                own);
    }

    /** Independent errors add as the root of the sum of squares (JCGM 100:2008, 5.1.2). */
    @Test
    public void independentSpreadsAddBySquares() {
        double lining = Where.LINING.usualSpread();
        double cloth = Where.CLOTH.usualSpread();
        assertThat(UsualSpread.of(shaper(Origin.DEFAULT, Origin.DEFAULT, Origin.DEFAULT)))
                .isCloseTo(Math.sqrt(lining * lining + cloth * cloth), within(1e-12));
        assertThat(UsualSpread.of(shaper(Origin.ENTERED, Origin.DEFAULT, Origin.ENTERED)))
                .isCloseTo(cloth, within(1e-12));
    }

    @Test
    public void whatWasMeasuredOrEnteredIsNotUsual() {
        assertThat(UsualSpread.of(shaper(Origin.ENTERED, Origin.CALIBRATED, Origin.ENTERED)))
                .isZero();
        assertThat(UsualSpread.of(shaper(Origin.DEFAULT, Origin.DEFAULT, Origin.CALIBRATED)))
                .isZero();
        OwnedSource ready = ReadyMade.kit().sources().get(0);
        assertThat(UsualSpread.of(ready)).isPositive();
        assertThat(UsualSpread.of(new OwnedSource(ready.name(), ready.source(), Origin.ENTERED)))
                .isZero();
    }

    @Test
    public void aBoxCountsItsLiningAndCloth() {
        Shaper box = new Shaper(
                "Invented",
                new Rectangle(0.6, 0.6),
                new InBox(0.3, 0.8, new NoInner(), 1, Origin.DEFAULT),
                new Diffuse(),
                List.of(),
                Origin.DEFAULT);
        assertThat(UsualSpread.of(box)).isBetween(0.2, 0.5);
    }

    /** Every ready-made piece that swallows light says how far its kind may be off; none by as much as a stop. */
    @Test
    public void everyReadyMadePieceSaysSo() {
        for (Shaper shaper : ReadyMade.kit().shapers()) {
            boolean swallows = !shaper.losses().isEmpty() || shaper.filling() instanceof InBox;
            assertThat(UsualSpread.of(shaper)).as(shaper.name()).isBetween(swallows ? 0.1 : 0, 0.99);
        }
        ReadyMade.kit().gels().forEach(gel -> assertThat(UsualSpread.of(gel)).isPositive());
    }
}
