package zephyrdune.render.trace;

/** The numbers of the layers that a picture is kept in. They add up. */
public final class Layers {

    /** The key, straight and mirrored. */
    public static final int KEY = 0;

    /** The key by way of table, dishes and backdrop. */
    public static final int TABLE = 1;

    /** The key by way of the room's walls. */
    public static final int ROOM = 2;

    /** The room's own light. */
    public static final int AMBIENT = 3;

    /** The base light, straight and by whatever way. */
    public static final int BASE = 4;

    /** The key that glass bends and mirrors onto what the eye sees. */
    public static final int GLASS = 5;

    /** The key by way of the first card; the other cards follow. Light by way of two cards is the one's nearest the eye. */
    public static final int FIRST_CARD = 6;

    private Layers() {}

    /** Whether any of a layer comes straight from what the eye sees first: off dishes, cards and walls themselves. */
    public static boolean straight(int layer) {
        return layer != TABLE && layer != AMBIENT && layer != GLASS;
    }

    private static final String[] WORDS = {"key", "table", "room", "ambient", "base", "glass"};

    /** A layer's word: key, table, room, ambient, base, glass, card-1 and so on. */
    public static String word(int layer) {
        return layer < FIRST_CARD ? WORDS[layer] : "card-" + (layer - FIRST_CARD + 1);
    }

    /** Layers of a set with so many cards. */
    public static int count(int cards) {
        return FIRST_CARD + cards;
    }
}
