package zephyrdune.render.trace;

import java.util.ArrayList;
import java.util.List;
import zephyrdune.render.body.Ball;
import zephyrdune.render.body.Solid;

/** Bodies under way to being laid out flat. */
final class SolidList {

    final List<Solid> solids = new ArrayList<>();
    private final List<Integer> owners = new ArrayList<>();

    void add(Solid solid, int owner) {
        solids.add(solid);
        owners.add(owner);
    }

    int[] owners() {
        return owners.stream().mapToInt(Integer::intValue).toArray();
    }

    double[] balls() {
        double[] balls = new double[4 * solids.size()];
        for (int i = 0; i < solids.size(); i++) {
            Ball ball = solids.get(i).ball();
            balls[4 * i] = ball.x();
            balls[4 * i + 1] = ball.y();
            balls[4 * i + 2] = ball.z();
            balls[4 * i + 3] = ball.radius() * ball.radius();
        }
        return balls;
    }
}
