package zephyrdune.light.emitter;

import java.util.OptionalDouble;
import zephyrdune.set.TableSet;
import zephyrdune.set.light.BookLight;
import zephyrdune.set.light.Gel;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.OffBoard;
import zephyrdune.set.light.OffRoom;
import zephyrdune.set.room.Room;
import zephyrdune.set.room.WalledRoom;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.colour.Luminance;
import zephyrdune.units.colour.Mired;
import zephyrdune.units.colour.Rgb;
import zephyrdune.units.colour.WhiteBalance;

/**
 * The colour of the light that leaves the key's face: that of the source behind its gel, and of the board or wall it was sent back by.
 *
 * @param kelvin behind a gel that corrects
 * @param gel what it lets pass
 * @param red by how much the board or wall sends back more red than of a grey of its lightness, linear sRGB; green and blue likewise
 */
public record KeyColour(double kelvin, Gel gel, double red, double green, double blue) {

    public static KeyColour of(TableSet set) {
        return of(set.light(), set.room());
    }

    static KeyColour of(Light light, Room room) {
        Gel gel = light.gel();
        double kelvin = Mired.shifted(light.source().colourTemperature(), gel.shift());
        Surface sentBack = null;
        if (light.filling() instanceof OffBoard board) {
            sentBack = board.surface();
        } else if (light.filling() instanceof BookLight book) {
            sentBack = book.surface();
        } else if (light.filling() instanceof OffRoom bounce && room instanceof WalledRoom walled) {
            sentBack = walled.surface(bounce.side());
        }
        if (sentBack == null) {
            return new KeyColour(kelvin, gel, 1, 1, 1);
        }
        Rgb sent = sentBack.colour();
        double mean = sent.luminous();
        return new KeyColour(kelvin, gel, sent.red() / mean, sent.green() / mean, sent.blue() / mean);
    }

    /** Linear sRGB under a white balance, for a luminance of 1. */
    public double[] srgb(WhiteBalance balance) {
        double[] colour = gelled(balance);
        return new double[] {colour[0] * red, colour[1] * green, colour[2] * blue};
    }

    private double[] gelled(WhiteBalance balance) {
        double[] colour = balance.srgb(kelvin);
        if (!gel.coloured()) {
            return colour;
        }
        double[] passed = {colour[0] * gel.red(), colour[1] * gel.green(), colour[2] * gel.blue()};
        double luminance = Luminance.of(passed[0], passed[1], passed[2]);
        return new double[] {passed[0] / luminance, passed[1] / luminance, passed[2] / luminance};
    }

    /** Mireds of the nearest colour temperature; none where the colour is far from any. */
    public OptionalDouble mired() {
        if (!gel.coloured() && red == 1 && green == 1 && blue == 1) {
            return OptionalDouble.of(Mired.of(kelvin));
        }
        WhiteBalance own = new WhiteBalance(kelvin);
        OptionalDouble temperature = own.light(srgb(own)).temperature();
        return temperature.isPresent() ? OptionalDouble.of(Mired.of(temperature.getAsDouble())) : temperature;
    }
}
