package zephyrdune.answers.learning;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import zephyrdune.answers.frame.FramePatch;
import zephyrdune.light.chain.Chain;
import zephyrdune.light.chain.Link;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.kit.UsualSpread;
import zephyrdune.set.light.InBox;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.Loss;
import zephyrdune.set.room.WalledRoom;
import zephyrdune.set.source.BatteryFlash;
import zephyrdune.set.source.LedPanel;
import zephyrdune.set.source.LedPoint;
import zephyrdune.set.source.MainsFlash;
import zephyrdune.set.source.MeasuredFlash;
import zephyrdune.set.source.MeasuredLamp;
import zephyrdune.set.source.Source;
import zephyrdune.units.measure.Stops;

/** The numbers of a set that frames tell of, with what is stated of them. */
final class StatedNumbers {

    /** Somebody's own figure, and one that was learnt, may be off by so much all the same, stops: common practice, no published source. */
    private static final double LEAST_SPREAD = 0.05;

    private final TableSet set;
    private final Map<KitNumber, Stated> numbers = new LinkedHashMap<>();

    private StatedNumbers(TableSet set) {
        this.set = set;
    }

    /** @param of which set it is */
    static Map<KitNumber, Stated> of(Object of, TableSet set) {
        StatedNumbers all = new StatedNumbers(set);
        all.light();
        all.add(
                new KitNumber(KitNumber.Kind.ROOM, of),
                Stops.between(Math.max(Double.MIN_NORMAL, set.ambient().illuminance()), 1),
                UsualSpread.ROOM);
        if (set.room() instanceof WalledRoom room) {
            all.add(new KitNumber(KitNumber.Kind.WALLS, room), 0, UsualSpread.SURFACE);
        }
        set.cards().forEach(card -> all.add(card(card), 0, UsualSpread.CARD));
        for (FramePatch.Ground ground : FramePatch.Ground.values()) {
            all.add(surface(set, ground), title(ground), 0, UsualSpread.SURFACE);
        }
        all.add(new KitNumber(KitNumber.Kind.CAMERA, ""), 0, UsualSpread.CAMERA);
        return all.numbers;
    }

    static KitNumber output(Light light) {
        return new KitNumber(KitNumber.Kind.OUTPUT, alike(light.source()));
    }

    static KitNumber dial(Light light) {
        return new KitNumber(KitNumber.Kind.DIAL, alike(light.source()));
    }

    static KitNumber box(Light light, InBox box) {
        return new KitNumber(
                KitNumber.Kind.BOX,
                List.of(light.face(), box.depth(), box.inner().getClass()));
    }

    static KitNumber loss(Light light, Loss loss) {
        return new KitNumber(
                KitNumber.Kind.LOSS, List.of(light.face(), light.filling().getClass(), loss.where()));
    }

    static KitNumber card(Card card) {
        return new KitNumber(KitNumber.Kind.CARD, card.surface());
    }

    static KitNumber surface(TableSet set, FramePatch.Ground ground) {
        Object of =
                switch (ground) {
                    case FOOD, DISH -> set.dish();
                    case TABLE -> set.tableTop().surface();
                    case BACKDROP -> set.backdrop().surface();
                };
        return new KitNumber(KitNumber.Kind.SURFACE, List.of(ground, of));
    }

    private static String title(FramePatch.Ground ground) {
        return switch (ground) {
            case FOOD -> "Food, paler";
            case DISH -> "Dish, paler";
            case TABLE -> "Table top, paler";
            case BACKDROP -> "Background, paler";
        };
    }

    /** What a softbox takes, stops. */
    static double taken(TableSet set) {
        return Chain.of(set).stream()
                .filter(link -> link.field().startsWith("light.filling"))
                .mapToDouble(Link::loss)
                .sum();
    }

    private void light() {
        Light light = set.light();
        add(
                output(light),
                Stops.between(light.source().axialIntensity(), 1),
                Math.hypot(UsualSpread.SOURCE, UsualSpread.DIAL));
        add(dial(light), 0, UsualSpread.DIAL_SLOPE);
        if (light.filling() instanceof InBox box) {
            add(box(light, box), taken(set), Math.max(LEAST_SPREAD, UsualSpread.of(box)));
        }
        for (Loss loss : light.losses()) {
            add(loss(light, loss), loss.where().words(), loss.amount(), Math.max(LEAST_SPREAD, UsualSpread.of(loss)));
        }
    }

    private void add(KitNumber number, double stops, double spread) {
        add(number, number.kind().title(), stops, spread);
    }

    private void add(KitNumber number, String title, double stops, double spread) {
        numbers.putIfAbsent(number, new Stated(title, stops, spread, set));
    }

    /** What tells a source from others, whatever output is stated of it. */
    private static Object alike(Source source) {
        if (source instanceof BatteryFlash flash) {
            return List.of(BatteryFlash.class, flash.zoom(), flash.colourTemperature(), flash.dial());
        } else if (source instanceof MainsFlash flash) {
            return List.of(MainsFlash.class, flash.beamAngle(), flash.colourTemperature(), flash.dial());
        } else if (source instanceof LedPanel led) {
            return List.of(LedPanel.class, led.beamAngle(), led.colourTemperature(), led.dial());
        } else if (source instanceof LedPoint led) {
            return List.of(LedPoint.class, led.beamAngle(), led.colourTemperature(), led.dial());
        } else if (source instanceof MeasuredLamp lamp) {
            return List.of(MeasuredLamp.class, lamp.name(), lamp.dial());
        }
        MeasuredFlash flash = (MeasuredFlash) source;
        return List.of(MeasuredFlash.class, flash.name(), flash.dial());
    }
}
