package zephyrdune.answers.kit;

/**
 * A number of the kit, the room or a surface that is only known to some spread, so that frames can tell more of it. In stops.
 *
 * @param of which piece it is about, whatever is stated of it: the same for the same piece
 */
public record KitNumber(Kind kind, Object of) {

    /** What is counted. */
    public enum Kind {
        /** How much a source gives; what its power control is off by at every mark is in it. */
        OUTPUT("Source", 1, "a frame with another light"),
        /** By how much less it gives with every stop that it is turned down. */
        DIAL("Power control, each stop down", -1, "a frame with the power three stops lower"),
        /** What a softbox takes by its lining and baffles. */
        BOX("Softbox, light taken", -1, "a frame with another shaper on the same light"),
        /** One loss that is stated by itself. */
        LOSS("", -1, "a frame without it"),
        /** The room's own light, of one set. */
        ROOM("Room’s light", 0, "a frame with the light off"),
        /** How much the room's walls send back. */
        WALLS("Walls", 0, "a frame farther from the walls"),
        /** How much cards of one surface send back. */
        CARD("Cards", 0, "a frame without the card"),
        /** How pale the food, the dish, the table or the background is. */
        SURFACE("", 0, "a frame with a grey card there"),
        /** What the camera makes of light. */
        CAMERA("Camera", 0, "a frame with another light, and a grey card in it");

        private final String title;
        private final int light;
        private final String frame;

        Kind(String title, int light, String frame) {
            this.title = title;
            this.light = light;
            this.frame = frame;
        }

        public String title() {
            return title;
        }

        /** Whether it is somebody's to lend and carry, and not just what lies before the lens. */
        public boolean piece() {
            return this != SURFACE && this != ROOM && this != WALLS;
        }

        /** What more of it does to the lights, stop for stop; of a power control with every stop down. */
        public int light() {
            return light;
        }

        /** The frame that tells it from what goes along with it. */
        public String frameThatTells() {
            return frame;
        }
    }
}
