package zephyrdune.bench;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.SetFormat;
import zephyrdune.set.TableSet;
import zephyrdune.set.light.Diffuse;
import zephyrdune.set.light.Disc;
import zephyrdune.set.light.Face;
import zephyrdune.set.light.Gridded;
import zephyrdune.set.light.HotSpot;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.NoDoors;
import zephyrdune.set.light.Octagon;
import zephyrdune.set.light.Rectangle;
import zephyrdune.set.light.Spread;

/** The demo's first set under faces of every kind. */
public enum DemoLight {
    RECTANGLE(new Rectangle(0.6, 0.6), 0, new Diffuse()),
    DISC(new Disc(0.6), 0, new Diffuse()),
    OCTAGON(new Octagon(0.6), 0, new Diffuse()),
    HOT_RECTANGLE(new Rectangle(0.6, 0.6), 1, new Diffuse()),
    GRIDDED_RECTANGLE(new Rectangle(0.6, 0.6), 0, new Gridded(0.05, 0.04, 1 / 3.0));

    private static final Path DEMO = Path.of("server/src/main/resources/demo/1-chowder.json");

    private final Face face;
    private final double hotSpot;
    private final Spread spread;

    DemoLight(Face face, double hotSpot, Spread spread) {
        this.face = face;
        this.hotSpot = hotSpot;
        this.spread = spread;
    }

    TableSet set() {
        TableSet demo;
        try {
            demo = SetFormat.read(Files.readAllBytes(DEMO));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (BadFile e) {
            throw new IllegalStateException(e);
        }
        Light old = demo.light();
        return demo.withLight(new Light(
                old.source(),
                old.gel(),
                old.losses(),
                face,
                new HotSpot(hotSpot),
                spread,
                old.powerChoice(),
                old.power(),
                old.clock(),
                old.heightAngle(),
                old.distance(),
                old.aim(),
                new NoDoors()));
    }
}
