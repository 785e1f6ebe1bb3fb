package zephyrdune.answers.plan;

import java.util.stream.IntStream;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.units.measure.Cancellation;

/**
 * The key's light over the table top in stops from the hero, with the dish's own shadow left out.
 *
 * @param reach the map is a square from -reach to +reach along x and y, metres
 * @param size points along each side
 * @param stops row by row from y = -reach, each row from x = -reach; minus infinity where no light arrives
 */
public record StopMap(double reach, int size, float[] stops) {

    public static StopMap of(KeyLight key, double reach, int size) {
        float[] stops = new float[size * size];
        key.heroIlluminance(); // found once, before all cores ask for it
        double step = 2 * reach / (size - 1);
        Thread asking = Thread.currentThread();
        IntStream.range(0, size)
                .parallel()
                .forEach(row -> Cancellation.onBehalfOf(asking, () -> {
                    for (int column = 0; column < size; column++) {
                        Cancellation.check();
                        stops[row * size + column] =
                                (float) key.levelStops(-reach + column * step, -reach + row * step, 0);
                    }
                }));
        return new StopMap(reach, size, stops);
    }
}
