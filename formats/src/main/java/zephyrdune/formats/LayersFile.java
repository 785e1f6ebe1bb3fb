package zephyrdune.formats;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import zephyrdune.render.picture.Film;
import zephyrdune.render.picture.Mix;
import zephyrdune.render.trace.Layers;

/** A film's layers as they are mixed, each a Radiance file, in a ZIP archive: added up they are the picture. */
public final class LayersFile {

    private LayersFile() {}

    public static byte[] write(Film film, Mix mix, String title) {
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(file)) {
            for (int layer = 0; layer < film.layers(); layer++) {
                if (film.has(layer) && mix.shows(layer)) {
                    String word = Layers.word(layer);
                    zip.putNextEntry(new ZipEntry(word + ".hdr"));
                    zip.write(RadianceFile.write(film.picture(mix.only(layer)), title + ", layer " + word));
                    zip.closeEntry();
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return file.toByteArray();
    }
}
