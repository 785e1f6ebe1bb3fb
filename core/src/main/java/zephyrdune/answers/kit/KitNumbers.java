package zephyrdune.answers.kit;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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
public final class KitNumbers {

    public static final KitNumber CAMERA = new KitNumber(KitNumber.Kind.CAMERA, "");

    /** Somebody's own figure, and one that was learnt, may be off by so much all the same, stops: common practice, no published source. */
    private static final double LEAST_SPREAD = 0.05;

    private final TableSet set;
    private final Map<KitNumber, Stated> numbers = new LinkedHashMap<>();

    private KitNumbers(TableSet set) {
        this.set = set;
    }

    /** @param of which set it is */
    public static Map<KitNumber, Stated> of(Object of, TableSet set) {
        KitNumbers all = new KitNumbers(set);
        all.light();
        all.add(
                room(of),
                Stops.between(Math.max(Double.MIN_NORMAL, set.ambient().illuminance()), 1),
                UsualSpread.ROOM);
        if (set.room() instanceof WalledRoom room) {
            all.add(walls(room), 0, UsualSpread.SURFACE);
        }
        set.cards().forEach(card -> all.add(card(card), 0, UsualSpread.CARD));
        for (Ground ground : Ground.values()) {
            all.add(surface(set, ground), ground.title(), 0, ground.spread());
        }
        all.add(CAMERA, 0, UsualSpread.CAMERA);
        return all.numbers;
    }

    public static KitNumber output(Light light) {
        return new KitNumber(KitNumber.Kind.OUTPUT, alike(light.source()));
    }

    public static KitNumber dial(Light light) {
        return new KitNumber(KitNumber.Kind.DIAL, alike(light.source()));
    }

    public static KitNumber box(Light light, InBox box) {
        return new KitNumber(
                KitNumber.Kind.BOX,
                List.of(light.face(), box.depth(), box.inner().getClass()));
    }

    public static KitNumber loss(Light light, Loss loss) {
        return new KitNumber(
                KitNumber.Kind.LOSS, List.of(light.face(), light.filling().getClass(), loss.where()));
    }

    public static KitNumber card(Card card) {
        return new KitNumber(KitNumber.Kind.CARD, card.surface());
    }

    public static KitNumber surface(TableSet set, Ground ground) {
        Object of =
                switch (ground) {
                    case FOOD, DISH -> set.dish();
                    case TABLE -> set.tableTop().surface();
                    case BACKDROP -> set.backdrop().surface();
                    case GREY_CARD, METER -> "";
                };
        return new KitNumber(KitNumber.Kind.SURFACE, List.of(ground, of));
    }

    /** @param of which set it is */
    public static KitNumber room(Object of) {
        return new KitNumber(KitNumber.Kind.ROOM, of);
    }

    public static KitNumber walls(WalledRoom room) {
        return new KitNumber(KitNumber.Kind.WALLS, room);
    }

    /**
     * What each number of a light does to all its light, stop for stop.
     *
     * @param below full power, stops
     */
    public static Map<KitNumber, Double> lights(Light light, double below) {
        Map<KitNumber, Double> all = new LinkedHashMap<>();
        put(all, output(light), 1);
        put(all, dial(light), below);
        if (light.filling() instanceof InBox box) {
            put(all, box(light, box), 1);
        }
        for (Loss loss : light.losses()) {
            put(all, loss(light, loss), 1);
        }
        return all;
    }

    private static void put(Map<KitNumber, Double> all, KitNumber number, double times) {
        all.merge(number, number.kind().light() * times, Double::sum);
    }

    /** Stops by which a set states its lights to give more than another one states of the same pieces. */
    public static double statedMore(TableSet set, TableSet other) {
        Map<KitNumber, Stated> there = of("", other);
        Map<KitNumber, Stated> here = of("", set);
        return lights(set.light(), 0).entrySet().stream()
                .filter(each -> there.containsKey(each.getKey()))
                .mapToDouble(each -> each.getValue()
                        * (here.get(each.getKey()).stops()
                                - there.get(each.getKey()).stops()))
                .sum();
    }

    /** What a softbox takes, stops. */
    public static double taken(TableSet set) {
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
