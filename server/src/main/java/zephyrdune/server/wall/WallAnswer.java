package zephyrdune.server.wall;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.OptionalDouble;
import zephyrdune.answers.wall.WallReading;
import zephyrdune.answers.wall.WallSetup;
import zephyrdune.answers.wall.WallShaper;
import zephyrdune.set.kit.Kit;
import zephyrdune.set.kit.OwnedSource;
import zephyrdune.set.power.DialMark;
import zephyrdune.units.measure.Unit;

/**
 * A wall test: what is still to be fired, and what was found.
 *
 * @param speed ISO
 * @param learnt the source and the shapers that frames told of, with what was found in their numbers
 */
record WallAnswer(
        String source,
        double distanceMetres,
        double framedWidthMetres,
        double aperture,
        double shutterSeconds,
        double speed,
        List<WallStep> steps,
        Kit learnt) {

    private static final double DEGREE = Math.PI / 180;

    /**
     * A shaper of the test.
     *
     * @param mark to set the source's power to
     * @param found null before its frame was fired
     */
    record WallStep(
            String shaper,
            boolean bare,
            DialMark mark,
            @Schema(nullable = true) WallFound found) {}

    /**
     * What a frame said.
     *
     * @param loss stops that it takes more than stated; absent where nothing bare was fired, and of what is bare
     * @param unplaced stops of that loss which none of its numbers can take
     * @param residual root mean square by which the frame differs from what was found, stops
     * @param trouble why it should not be believed as it is; empty where nothing speaks against it
     */
    record WallFound(
            List<WallNumber> numbers,
            @Schema(types = {"number", "null"}) Double loss,
            double lossSpread,
            double unplaced,
            WallFigures stated,
            WallFigures found,
            double residual,
            String trouble,
            List<WallPoint> points) {}

    /**
     * A number that decides the beam's shape.
     *
     * @param unit degrees, metres, share or stops
     * @param spread standard deviation of what was found
     * @param told whether the frame says more of it than was known before
     */
    record WallNumber(String title, String unit, double stated, double found, double spread, boolean told) {}

    /**
     * @param beamAngleDegrees full angle to half the intensity
     * @param fieldAngleDegrees full angle to a tenth of it
     * @param evenWidthMetres of the wall that is lit to within a third of a stop of the middle
     * @param underBareStops on the axis; absent where nothing bare was fired
     */
    record WallFigures(
            double beamAngleDegrees,
            double fieldAngleDegrees,
            double evenWidthMetres,
            @Schema(types = {"number", "null"}) Double underBareStops) {

        static WallFigures of(WallShaper.BeamFigures figures) {
            return new WallFigures(
                    figures.beamAngle() / DEGREE,
                    figures.fieldAngle() / DEGREE,
                    figures.evenWidth(),
                    told(figures.underBare()));
        }
    }

    /** A place on the wall, in stops from the beam's middle. */
    record WallPoint(double acrossMetres, double measured, double stated, double found) {}

    private static Double told(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }

    static WallAnswer of(WallDocument test) {
        WallSetup setup = test.setup();
        List<WallShaper> found = WallReading.of(setup, test.taken());
        OwnedSource source = test.kit().sources().get(0);
        return new WallAnswer(
                source.name(),
                test.distanceMetres(),
                test.framedWidthMetres(),
                test.aperture(),
                test.shutterSeconds(),
                test.speed(),
                test.kit().shapers().stream()
                        .map(shaper -> new WallStep(
                                shaper.name(),
                                WallReading.bare(shaper),
                                setup.mark(shaper),
                                found.stream()
                                        .filter(one -> one.stated().equals(shaper))
                                        .findFirst()
                                        .map(WallAnswer::found)
                                        .orElse(null)))
                        .toList(),
                WallReading.learnt(source, found));
    }

    private static WallFound found(WallShaper shaper) {
        boolean bare = WallReading.bare(shaper.stated());
        return new WallFound(
                shaper.numbers().stream().map(WallAnswer::number).toList(),
                bare ? null : told(shaper.loss()),
                shaper.lossSpread(),
                shaper.unplaced(),
                WallFigures.of(shaper.says()),
                WallFigures.of(shaper.was()),
                shaper.residual(),
                shaper.trouble(),
                shaper.points().stream()
                        .map(point -> new WallPoint(point.across(), point.measured(), point.stated(), point.learnt()))
                        .toList());
    }

    private static WallNumber number(WallShaper.Found found) {
        Unit unit = found.number().unit();
        double scale = unit == Unit.RADIAN ? DEGREE : 1;
        String words =
                switch (unit) {
                    case RADIAN -> "degrees";
                    case METRE -> "metres";
                    case STOP -> "stops";
                    default -> "share";
                };
        return new WallNumber(
                found.number().title(),
                words,
                found.stated() / scale,
                found.learnt() / scale,
                found.spread() / scale,
                found.told());
    }
}
