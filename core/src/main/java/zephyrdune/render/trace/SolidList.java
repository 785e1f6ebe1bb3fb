package zephyrdune.render.trace;

import java.util.ArrayList;
import java.util.List;
import zephyrdune.render.body.Solid;

/** Solids under way to being laid out flat. */
final class SolidList {

    final List<Solid> solids = new ArrayList<>();
    private final List<Integer> owners = new ArrayList<>();

    void add(Solid solid, int owner) {
        solids.add(solid);
        owners.add(owner);
    }

    int size() {
        return solids.size();
    }

    int[] owners() {
        return owners.stream().mapToInt(Integer::intValue).toArray();
    }
}
