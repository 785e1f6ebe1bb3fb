package zephyrdune.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import org.testng.annotations.Test;
import zephyrdune.render.picture.Picture;

public class PngFileTest {

    @Test
    public void keepsEveryPixel() throws IOException {
        // 0.18 encodes to 118 in sRGB (IEC 61966-2-1)
        float[] linear = {0, 0.18f, 1, 2, 0.18f, 0, 0.5f, 0.5f, 0.5f, 0, 0, 0, 1, 0, 0, 0, 1, 0};
        byte[] file = PngFile.write(new Picture(3, 2, linear));
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(file));
        assertThat(image.getWidth()).isEqualTo(3);
        assertThat(image.getHeight()).isEqualTo(2);
        int[] expected = {0x0076ff, 0xff7600, 0xbcbcbc, 0x000000, 0xff0000, 0x00ff00};
        for (int i = 0; i < expected.length; i++) {
            assertThat(image.getRGB(i % 3, i / 3) & 0xffffff).isEqualTo(expected[i]);
        }
    }
}
