package zephyrdune.formats;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import org.apache.pdfbox.pdfwriter.compress.CompressParameters;
import org.apache.pdfbox.pdmodel.PDDocument;

/** A PDF document as a file's bytes. */
final class PdfBytes {

    private PdfBytes() {}

    /** With a table of its objects that every reader takes (ISO 32000-1, 7.5.4), not one that is compressed itself. */
    static byte[] of(PDDocument document) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        document.save(bytes, CompressParameters.NO_COMPRESSION);
        return bytes.toByteArray();
    }
}
