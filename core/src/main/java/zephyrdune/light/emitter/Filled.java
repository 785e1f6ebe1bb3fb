package zephyrdune.light.emitter;

import java.util.Arrays;
import zephyrdune.set.distribution.Distribution;
import zephyrdune.set.light.BookLight;
import zephyrdune.set.light.FromBehind;
import zephyrdune.set.light.InBox;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.OffBoard;
import zephyrdune.set.light.OffRoom;
import zephyrdune.set.light.Pose;
import zephyrdune.set.room.Room;
import zephyrdune.set.room.WalledRoom;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Stops;

/**
 * A face that another thing lights: its evenness, and the light it gives off per area where that is 1, before what is stated to be lost.
 *
 * @param exitance lumens (lumen seconds of a flash) per square metre
 */
public record Filled(Evenness evenness, double exitance) {

    /** For one of the fillings that are computed. */
    public static Filled of(Light light, Pose pose, Room room, Outline outline) {
        Distribution beam = light.source().distribution();
        double axial = light.source().axialIntensity();
        if (light.filling() instanceof FromBehind behind) {
            double gap = behind.gap();
            return new Filled(PointLit.of(beam, pose, gap), axial / (gap * gap));
        } else if (light.filling() instanceof OffBoard board) {
            double gap = board.gap();
            return new Filled(
                    PointLit.of(beam, pose, gap),
                    axial / (gap * gap) * board.surface().luminous());
        } else if (light.filling() instanceof OffRoom bounce) {
            return offRoom(pose, beam, axial, ((WalledRoom) room).surface(bounce.side()));
        } else if (light.filling() instanceof BookLight book) {
            return book(light, book, pose);
        }
        return SoftboxLight.of(light, (InBox) light.filling(), outline).filled();
    }

    private static Filled offRoom(Pose pose, Distribution beam, double axial, Surface wall) {
        if (!pose.lit()) {
            return new Filled(Evenness.EVEN, 0);
        }
        double gap = Math.abs(pose.source().subtract(pose.centre()).dot(pose.front()));
        return new Filled(PointLit.of(beam, pose, gap), axial / (gap * gap) * wall.luminous());
    }

    private static PointLit board(Light light, BookLight book, Pose pose) {
        return PointLit.of(
                light.source().distribution(),
                pose.source(),
                pose.axis(),
                pose.upHalf().normalize(),
                pose.centre().subtract(pose.front().multiply(book.gap())),
                pose.acrossHalf().normalize().multiply(book.boardWidth() / 2),
                pose.upHalf().normalize().multiply(book.boardHeight() / 2),
                book.throwing());
    }

    /** All light that the board of a book light sends back, lumens. */
    public static double boardFlux(Light light, BookLight book, Pose pose) {
        return light.source().axialIntensity()
                / (book.throwing() * book.throwing())
                * book.surface().luminous()
                * board(light, book, pose).mean(Outline.RECTANGLE, 1)
                * book.boardWidth()
                * book.boardHeight();
    }

    private static Filled book(Light light, BookLight book, Pose pose) {
        double[] illuminance = FaceLit.illuminance(
                board(light, book, pose),
                Outline.RECTANGLE,
                new double[] {book.boardWidth() / 2, book.boardHeight() / 2},
                boardFlux(light, book, pose),
                new double[] {pose.acrossHalf().norm(), pose.upHalf().norm()},
                book.gap());
        return new Filled(
                FaceLit.of(illuminance), Arrays.stream(illuminance).max().orElseThrow());
    }

    /** Share that a cloth lets through. */
    static double through(double loss) {
        return Stops.ratio(-loss);
    }
}
