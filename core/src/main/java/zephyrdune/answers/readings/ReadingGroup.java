package zephyrdune.answers.readings;

/** What readings are about, for lists of them. */
public enum ReadingGroup {
    SOFTNESS("Softness"),
    SHADOW("Shadow"),
    CONTRAST("Contrast and fill"),
    HIGHLIGHT("Highlight"),
    FALL_OFF("Fall-off and background"),
    POWER("Exposure and power"),
    ROOM("Room and colour"),
    PATTERN("Flags, slits and patterns"),
    BASE("Base light");

    private final String words;

    ReadingGroup(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    public static ReadingGroup of(ReadingKind kind) {
        return switch (kind) {
            case SIZE_ACROSS,
                    SIZE_ALONG,
                    SOLID_ANGLE,
                    TIP_EDGE,
                    TIP_EDGE_SEEN,
                    SIDE_EDGE,
                    SIDE_EDGE_SEEN,
                    EDGE_SHOWN,
                    EDGE_TO_RIM,
                    FACE_IN_USE -> SOFTNESS;
            case SHADOW_LENGTH, SHADOW_CLOCK, SHADOW_DEPTH -> SHADOW;
            case CONTRAST_SEEN, LIT_TO_SHADOW, LIT_TO_SHADOW_BARE, CARD_LIFT, CARD_TINT -> CONTRAST;
            case HIGHLIGHT_LENGTH, HIGHLIGHT_WIDTH, HIGHLIGHT_ABOVE -> HIGHLIGHT;
            case FALL_OFF_HERO, FALL_OFF_FRAME, BACKDROP_LEVEL, BACKDROP_TONE, POINT_RULE_ERROR -> FALL_OFF;
            case POWER,
                    OFF_EXPOSURE,
                    KEY_EXPOSURE,
                    LOST,
                    DEPTH_OF_FIELD,
                    KEY_SHARE,
                    TABLE_SHARE,
                    ROOM_SHARE,
                    CARD_SHARE,
                    BASE_SHARE,
                    AMBIENT_SHARE -> POWER;
            case AMBIENT_UNDER_KEY, AMBIENT_FRAME, LIGHT_TINT, SHADOW_TINT -> ROOM;
            case STRIP_FULL, STRIP_HALF, STRIP_EDGE, PATTERN_CONTRAST, PATCH_SIZE, PATCH_BLUR, PATTERN_GONE -> PATTERN;
            case BASE_UNDER_KEY, BASE_EDGE -> BASE;
        };
    }
}
