package zephyrdune.render.trace;

import zephyrdune.render.body.Hit;

/** What stands between a place and a face; one is used over and over. */
final class OccluderList {

    final int[] opaque;
    final int[] clear;
    final Hit hit = new Hit();
    int opaques;
    int clears;
    boolean behindBackdrop;
    boolean underTable;

    /** Whether the light looked at last came through a clear body. */
    boolean throughGlass;

    OccluderList(int mostOpaque, int mostClear) {
        opaque = new int[mostOpaque];
        clear = new int[mostClear];
    }

    void clear() {
        opaques = 0;
        clears = 0;
    }

    boolean has(int piece) {
        return find(piece) >= 0;
    }

    /** Puts another opaque piece in the place of one. */
    void replace(int piece, int with) {
        opaque[find(piece)] = with;
    }

    void remove(int piece) {
        opaque[find(piece)] = opaque[--opaques];
    }

    private int find(int piece) {
        for (int i = 0; i < opaques; i++) {
            if (opaque[i] == piece) {
                return i;
            }
        }
        return -1;
    }

    /** Whether it is certain that nothing stands between. */
    boolean nothing() {
        return opaques == 0 && clears == 0 && !behindBackdrop && !underTable;
    }
}
