package zephyrdune.formats;

import com.adobe.internal.xmp.XMPConst;
import com.adobe.internal.xmp.XMPException;
import com.adobe.internal.xmp.XMPMeta;
import com.adobe.internal.xmp.XMPMetaFactory;
import com.adobe.internal.xmp.options.PropertyOptions;
import com.adobe.internal.xmp.options.SerializeOptions;
import java.util.List;
import java.util.stream.Collectors;
import zephyrdune.answers.setsheet.SetSheet;
import zephyrdune.answers.setsheet.SheetPart;
import zephyrdune.set.TableSet;

/** Lighting notes of a delivered picture as a file beside it (XMP, ISO 16684-1): title, key words, rating, and how the set is built up. */
public final class XmpSidecar {

    private static final String TOOL = "Zephyrdune";

    private XmpSidecar() {}

    /**
     * @param words that the picture is found by
     * @param notes that somebody wrote of it; may be empty
     * @param rating 0 for none, up to 5
     */
    public static byte[] write(TableSet set, List<String> words, String notes, int rating, SheetLengths lengths) {
        XMPMeta meta = XMPMetaFactory.create();
        try {
            meta.setLocalizedText(XMPConst.NS_DC, "title", null, XMPConst.X_DEFAULT, set.title());
            meta.setLocalizedText(
                    XMPConst.NS_DC, "description", null, XMPConst.X_DEFAULT, described(set, notes, lengths));
            for (String word : words) {
                meta.appendArrayItem(
                        XMPConst.NS_DC, "subject", new PropertyOptions().setArray(true), word, new PropertyOptions());
            }
            meta.setProperty(XMPConst.NS_XMP, "CreatorTool", TOOL);
            if (rating > 0) {
                meta.setPropertyInteger(XMPConst.NS_XMP, "Rating", rating);
            }
            return XMPMetaFactory.serializeToBuffer(meta, new SerializeOptions().setUseCompactFormat(false));
        } catch (XMPException e) {
            throw new IllegalStateException(e);
        }
    }

    private static String described(TableSet set, String notes, SheetLengths lengths) {
        SetSheet sheet = SetSheet.of(set);
        String built = sheet.parts().stream()
                .map(part -> part.title(sheet) + ": "
                        + part.lines().stream()
                                .map(line -> line(line, sheet, lengths))
                                .collect(Collectors.joining("; ")))
                .collect(Collectors.joining("\n"));
        return notes.isBlank() ? built : notes.strip() + "\n" + built;
    }

    private static String line(SheetPart.SheetLine line, SetSheet sheet, SheetLengths lengths) {
        return line.measure().title() + " " + lengths.shown(line, sheet.mark());
    }
}
