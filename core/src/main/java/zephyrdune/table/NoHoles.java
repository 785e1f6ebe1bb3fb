package zephyrdune.table;

/** A whole card. */
public record NoHoles() implements Holes {

    @Override
    public double[][] rounds(double width, double height) {
        return new double[0][];
    }
}
