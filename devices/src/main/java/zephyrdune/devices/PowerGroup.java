package zephyrdune.devices;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import zephyrdune.set.power.DialMark;
import zephyrdune.set.power.PowerDial;

/**
 * A light of a practice receiver that is set from afar. A flash has to charge after it was fired, and slows down to cool after a row of full
 * flashes; a lamp shines all the time.
 */
final class PowerGroup {

    /** A flash cools by one full flash in so many seconds: common practice, no published source. */
    private static final double COOLS = 6;

    /** Too hot, it waits until this share of its burst is left. */
    private static final double COOL = 0.5;

    private final String name;
    private final PowerDial dial;
    private final boolean flash;
    private final double recycle;
    private final double burst;
    private final Clock clock;

    private DialMark mark;
    private Instant readyAt;
    private double heat;
    private Instant heatAt;
    private boolean tooHot;

    /**
     * @param recycle seconds after a full flash until the next; 0 for a lamp
     * @param burst full flashes in a row until it is too hot
     */
    PowerGroup(String name, PowerDial dial, boolean flash, double recycle, double burst, Clock clock) {
        this.name = Objects.requireNonNull(name);
        this.dial = Objects.requireNonNull(dial);
        this.flash = flash;
        this.recycle = recycle;
        this.burst = burst;
        this.clock = clock;
        mark = dial.marks().get(0);
        readyAt = clock.instant();
        heatAt = readyAt;
    }

    /** What became of what was asked for. */
    enum Outcome {
        DONE,
        NO_SUCH_MARK,
        CHARGING,
        TOO_HOT,
        NO_FLASH
    }

    String name() {
        return name;
    }

    boolean flash() {
        return flash;
    }

    synchronized DialMark mark() {
        return mark;
    }

    List<DialMark> marks() {
        return dial.marks();
    }

    /** Refuses marks that its control has not got. */
    synchronized Outcome set(String text) {
        return dial.read(text)
                .map(read -> {
                    mark = read;
                    return Outcome.DONE;
                })
                .orElse(Outcome.NO_SUCH_MARK);
    }

    synchronized Outcome fire() {
        if (!flash) {
            return Outcome.NO_FLASH;
        }
        if (hot()) {
            return Outcome.TOO_HOT;
        }
        if (!untilReady().isZero()) {
            return Outcome.CHARGING;
        }
        double share = Math.pow(2, -mark.below());
        heat = heatNow() + share;
        heatAt = clock.instant();
        readyAt = heatAt.plusMillis(Math.round(1000 * recycle * share));
        return Outcome.DONE;
    }

    /** Until it can be fired. */
    synchronized Duration untilReady() {
        Duration charging = Duration.between(clock.instant(), readyAt);
        Duration left = charging.isNegative() ? Duration.ZERO : charging;
        if (!hot()) {
            return left;
        }
        Duration cooling = Duration.ofMillis(Math.round(1000 * COOLS * (heatNow() - COOL * burst)));
        return cooling.compareTo(left) > 0 ? cooling : left;
    }

    /** From when its burst is spent until half of it is there again. */
    private boolean hot() {
        double now = heatNow();
        if (now > burst) {
            heat = now;
            heatAt = clock.instant();
            tooHot = true;
        } else if (now <= COOL * burst) {
            tooHot = false;
        }
        return tooHot;
    }

    private double heatNow() {
        double passed = Duration.between(heatAt, clock.instant()).toMillis() / 1000.0;
        return Math.max(0, heat - passed / COOLS);
    }
}
