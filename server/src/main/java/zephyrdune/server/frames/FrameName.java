package zephyrdune.server.frames;

/** The name of a frame: its file's, on one line. */
final class FrameName {

    private static final int LONGEST = 80;

    private FrameName() {}

    static String of(String fileName) {
        String line = fileName.replaceAll("\\p{Cntrl}+", " ").strip();
        return line.isEmpty() ? "Frame" : line.substring(0, Math.min(LONGEST, line.length()));
    }
}
