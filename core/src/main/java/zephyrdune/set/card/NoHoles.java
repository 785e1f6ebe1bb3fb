package zephyrdune.set.card;

import java.util.List;

/** A whole card. */
public record NoHoles() implements Holes {

    @Override
    public List<Piece> pieces(double width, double height, double reach) {
        return List.of();
    }
}
