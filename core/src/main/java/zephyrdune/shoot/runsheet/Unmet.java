package zephyrdune.shoot.runsheet;

import java.util.Optional;

/**
 * Something that was asked for and cannot be.
 *
 * @param key of the dish it is about; empty for the shoot itself
 * @param what what is the matter, and the least change that would mend it
 * @param remedy that change, where one number does it
 */
public record Unmet(Kind kind, Optional<String> key, String what, Optional<Remedy> remedy) {

    /** What cannot be. */
    public enum Kind {
        DOES_NOT_HOLD,
        SPOILT,
        LATE,
        NOT_AT_ITS_TIME,
        NOT_IN_ITS_TURN,
        STRAIGHT_AFTER,
        ROOM_LIGHT,
        OVER_TIME
    }

    /** What to change to what, for one press. */
    public record Remedy(Change change, double value) {

        /** What is changed; hours of the day but for the plates, of which there are as many as are needed. */
        public enum Change {
            PLATES,
            DONE_BY,
            FIXED_TIME,
            ANY_TURN,
            MAY_FOLLOW,
            SHOOT_ENDS
        }
    }
}
