package zephyrdune.answers.frame;

import java.util.Objects;
import zephyrdune.answers.kit.Ground;
import zephyrdune.units.exposure.CorrectExposure;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A small part of the frame whose brightness is predicted and measured.
 *
 * @param across share of the frame's width, from the left
 * @param down share of its height, from the top
 * @param reflectance of a grey card that lies there; means nothing of other parts
 */
public record FramePatch(
        Part part,
        @Within(min = 0, max = 1, unit = Unit.RATIO) double across,
        @Within(min = 0, max = 1, unit = Unit.RATIO) double down,
        @Within(min = 0.02, max = 1, unit = Unit.RATIO) double reflectance) {

    private static final Limits LIMITS = Limits.of(FramePatch.class);

    /** What lies there. */
    public enum Part {
        HERO_TOP("Hero’s top", Ground.FOOD, true),
        LIT_SIDE("Lit side", Ground.DISH, true),
        SHADOW_SIDE("Shadow side", Ground.DISH, false),
        TABLE("Table in the light", Ground.TABLE, true),
        SHADOW("Table in the shadow", Ground.TABLE, false),
        BACKDROP("Background", Ground.BACKDROP, false),
        /** A grey card that lies flat there, though the set knows nothing of it. */
        GREY_CARD("Grey card, lying flat", Ground.GREY_CARD, true),
        /** No place of a frame: where a hand meter is held, level on the hero's lit top. */
        METER("Hand meter", Ground.METER, true);

        private final String title;
        private final Ground ground;
        private final boolean lit;

        Part(String title, Ground ground, boolean lit) {
            this.title = title;
            this.ground = ground;
            this.lit = lit;
        }

        public String title() {
            return title;
        }

        public Ground ground() {
            return ground;
        }

        /** Whether it lies straight in the key, so that it tells how strong that is. */
        public boolean lit() {
            return lit;
        }
    }

    public FramePatch {
        Objects.requireNonNull(part);
        LIMITS.require(across, down, reflectance);
    }

    /** One whose grey card, if it is one, is of the usual 18 %. */
    public FramePatch(Part part, double across, double down) {
        this(part, across, down, CorrectExposure.MID_GREY);
    }
}
