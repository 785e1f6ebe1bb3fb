package zephyrdune.set.kit;

import java.util.List;
import java.util.Objects;
import zephyrdune.set.light.Face;
import zephyrdune.set.light.Filling;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.Loss;
import zephyrdune.set.light.NoDoors;
import zephyrdune.set.light.OffRoom;
import zephyrdune.set.light.Origin;
import zephyrdune.set.light.Spread;
import zephyrdune.units.measure.Count;
import zephyrdune.units.measure.CountLimit;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Line;
import zephyrdune.units.measure.LineLimit;

/**
 * What shapes a source's light: the parts of a {@link Light} between the source and the table.
 *
 * @param origin where its numbers come from
 */
public record Shaper(
        @Line(max = Kit.NAME_LIMIT) String name,
        Face face,
        Filling filling,
        Spread spread,
        @Count(min = 0, max = 8) List<Loss> losses,
        Origin origin) {

    private static final LineLimit NAME = Limits.line(Shaper.class, "name");
    private static final CountLimit LOSSES = Limits.count(Shaper.class, "losses");

    public Shaper {
        NAME.require(name);
        Objects.requireNonNull(face);
        Light.requireFitting(filling, spread);
        losses = LOSSES.copy(losses);
        Objects.requireNonNull(origin);
    }

    /**
     * A light with this shaper in place of its own.
     *
     * @throws zephyrdune.units.measure.Refused where its source does not take it
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
