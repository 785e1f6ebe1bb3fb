package zephyrdune.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.Random;
import org.testng.annotations.Test;

/** Four thousand spoiled sets over HTTP: each is answered, and none with a server error. */
public class ApiFuzzTest extends RunningServer {

    private static final int REQUESTS = 4_000;

    @Test(timeOut = 300_000)
    public void noServerErrorAndNoHang() {
        Random random = new Random(26);
        byte[] good = chowder().toString().getBytes(StandardCharsets.UTF_8);
        int[] answers = new int[6];
        for (int i = 0; i < REQUESTS; i++) {
            byte[] body = spoil(good, random);
            int status = send("POST", "/api/readings", body).statusCode();
            assertThat(status)
                    .as(() -> new String(body, StandardCharsets.UTF_8))
                    .isLessThan(500);
            answers[status / 100]++;
        }
        assertThat(answers[2] + answers[4]).isEqualTo(REQUESTS);
        assertThat(answers[4]).isGreaterThan(REQUESTS / 3);
    }

    /** Up to four changes: a byte set at random, a stretch cut out or said twice, the end cut off, a digit swapped. */
    private static byte[] spoil(byte[] good, Random random) {
        byte[] body = good.clone();
        for (int change = random.nextInt(4); change >= 0 && body.length > 2; change--) {
            int at = random.nextInt(body.length - 1);
            int to = Math.min(body.length, at + 1 + random.nextInt(30));
            String text = new String(body, StandardCharsets.ISO_8859_1);
            switch (random.nextInt(5)) {
                case 0 -> body[at] = (byte) random.nextInt(256);
                case 1 -> body = (text.substring(0, at) + text.substring(to)).getBytes(StandardCharsets.ISO_8859_1);
                case 2 -> body = (text.substring(0, to) + text.substring(at)).getBytes(StandardCharsets.ISO_8859_1);
                case 3 -> body = text.substring(0, at).getBytes(StandardCharsets.ISO_8859_1);
                default -> {
                    int digit = at;
                    while (digit < body.length - 1 && (body[digit] < '0' || body[digit] > '9')) {
                        digit++;
                    }
                    body[digit] = (byte) ('0' + random.nextInt(10));
                }
            }
        }
        return body;
    }
}
