package zephyrdune.kit;

import java.util.List;
import java.util.Objects;
import zephyrdune.measure.Count;
import zephyrdune.measure.Limits;
import zephyrdune.table.Face;
import zephyrdune.table.Filling;
import zephyrdune.table.Light;
import zephyrdune.table.Loss;
import zephyrdune.table.NoDoors;
import zephyrdune.table.OffRoom;
import zephyrdune.table.Origin;
import zephyrdune.table.Spread;

/**
 * What shapes a source's light: the parts of a {@link Light} between the source and the table.
 *
 * @param origin where its numbers come from
 */
public record Shaper(
        String name,
        Face face,
        Filling filling,
        Spread spread,
        @Count(min = 0, max = 8) List<Loss> losses,
        Origin origin) {

    public Shaper {
        Kit.requireName(name);
        Objects.requireNonNull(face);
        Light.requireFitting(filling, spread);
        Limits.requireCount(Shaper.class, "losses", losses);
        losses = List.copyOf(losses);
        Objects.requireNonNull(origin);
    }

    /**
     * A light with this shaper in place of its own.
     *
     * @throws zephyrdune.measure.Refused where its source does not take it
     */
    public Light on(Light light) {
        return new Light(
                light.source(),
                light.gel(),
                losses,
                face,
                filling,
                spread,
                light.powerChoice(),
                light.power(),
                light.clock(),
                light.heightAngle(),
                light.distance(),
                light.aim(),
                filling instanceof OffRoom ? new NoDoors() : light.doors());
    }
}
