package zephyrdune.render.picture;

import zephyrdune.render.trace.SampleBudget;

/** A small, smoothed picture to look at in passing, traced in a second or some. */
public final class SmallPicture {

    private SmallPicture() {}

    /**
     * @param passes over all of it
     */
    public static Picture of(Switched switched, int width, int passes) {
        double aspect =
                switched.set().camera().sensorHeight() / switched.set().camera().sensorWidth();
        int height = (int) Math.max(2, Math.min(2.0 * width, Math.round(width * aspect)));
        Film film = new Film(switched.set(), width, height, false);
        Mix mix = Mix.of(switched.set(), switched.off());
        for (int pass = 0; pass < passes; pass++) {
            film.wholePass(SampleBudget.USUAL);
        }
        return Denoiser.of(film, mix);
    }
}
