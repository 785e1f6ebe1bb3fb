package zephyrdune.e2e;

import com.microsoft.playwright.Page;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import javax.imageio.ImageIO;

/** The picture of the set as the page shows it. */
final class Pixels {

    private Pixels() {}

    static BufferedImage of(Page page) {
        String base64 = (String) page.evaluate("""
                async () => {
                  const image = document.querySelector('[data-testid=picture]');
                  await image.decode();
                  const canvas = document.createElement('canvas');
                  canvas.width = image.naturalWidth;
                  canvas.height = image.naturalHeight;
                  canvas.getContext('2d').drawImage(image, 0, 0);
                  return canvas.toDataURL('image/png').split(',')[1];
                }
                """);
        try {
            return ImageIO.read(new ByteArrayInputStream(Base64.getDecoder().decode(base64)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Mean green code value of a small patch of the picture, its middle given as shares of width and height. */
    static double patch(BufferedImage image, double across, double down) {
        int x = (int) (across * image.getWidth());
        int y = (int) (down * image.getHeight());
        double sum = 0;
        for (int i = -6; i <= 6; i++) {
            for (int j = -6; j <= 6; j++) {
                sum += (image.getRGB(x + i, y + j) >> 8) & 0xff;
            }
        }
        return sum / 169;
    }
}
