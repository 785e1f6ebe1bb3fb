package zephyrdune.set.card;

import java.util.ArrayList;
import java.util.List;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * The panes of a window with bars between them: as many as the card holds.
 *
 * @param paneWidth of each opening
 * @param paneHeight of each opening
 * @param bar width of the bars
 */
public record WindowBars(
        @Within(min = 0.01, max = 1, unit = Unit.METRE) double paneWidth,
        @Within(min = 0.01, max = 1, unit = Unit.METRE) double paneHeight,
        @Within(min = 0.002, max = 0.2, unit = Unit.METRE) double bar)
        implements Holes {

    private static final int MOST_A_SIDE = 20;
    private static final Limits LIMITS = Limits.of(WindowBars.class);

    public WindowBars {
        LIMITS.require(paneWidth, paneHeight, bar);
    }

    @Override
    public List<Piece> pieces(double width, double height, double reach) {
        List<Piece> panes = new ArrayList<>();
        int columns = count(width, paneWidth);
        int rows = count(height, paneHeight);
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                double across = (column - (columns - 1) / 2.0) * (paneWidth + bar);
                double up = (row - (rows - 1) / 2.0) * (paneHeight + bar);
                panes.add(Piece.rectangle(
                        across - paneWidth / 2, up - paneHeight / 2, across + paneWidth / 2, up + paneHeight / 2));
            }
        }
        return panes;
    }

    private int count(double side, double pane) {
        return (int) Math.max(1, Math.min(MOST_A_SIDE, Math.floor((side - bar) / (pane + bar))));
    }

    @Override
    public double pitch() {
        return paneWidth + bar;
    }

    @Override
    public double opening() {
        return paneWidth;
    }
}
