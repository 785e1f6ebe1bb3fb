package zephyrdune.light.emitter;

import zephyrdune.set.TableSet;
import zephyrdune.set.light.BookLight;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.OffBoard;
import zephyrdune.set.light.OffRoom;
import zephyrdune.set.room.Room;
import zephyrdune.set.room.WalledRoom;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.colour.Mired;
import zephyrdune.units.colour.WhiteBalance;

/**
 * The colour of the light that leaves the key's face: that of the source behind its gel, and of the board or wall it was sent back by.
 *
 * @param kelvin behind the gel
 * @param red by how much the board or wall sends back more red than of a grey of its lightness, linear sRGB; green and blue likewise
 */
public record KeyColour(double kelvin, double red, double green, double blue) {

    public static KeyColour of(TableSet set) {
        return of(set.light(), set.room());
    }

    static KeyColour of(Light light, Room room) {
        double kelvin = Mired.shifted(light.source().colourTemperature(), light.gel());
        Surface sentBack = null;
        if (light.filling() instanceof OffBoard board) {
            sentBack = board.surface();
        } else if (light.filling() instanceof BookLight book) {
            sentBack = book.surface();
        } else if (light.filling() instanceof OffRoom bounce && room instanceof WalledRoom walled) {
            sentBack = walled.surface(bounce.side());
        }
        if (sentBack == null) {
            return new KeyColour(kelvin, 1, 1, 1);
        }
        double mean = sentBack.luminous();
        return new KeyColour(kelvin, sentBack.red() / mean, sentBack.green() / mean, sentBack.blue() / mean);
    }

    /** Linear sRGB under a white balance, for a luminance of 1. */
    public double[] srgb(WhiteBalance balance) {
        double[] colour = balance.srgb(kelvin);
        return new double[] {colour[0] * red, colour[1] * green, colour[2] * blue};
    }

    /** Mireds of the nearest colour temperature. */
    public double mired() {
        return red == 1 && green == 1 && blue == 1
                ? Mired.of(kelvin)
                : Mired.of(new WhiteBalance(kelvin)
                        .light(new double[] {red, green, blue})
                        .temperature());
    }
}
