package zephyrdune.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.time.Clock;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import zephyrdune.devices.PracticeReceiver;

/** Power that is set over the network, on receivers to practise with. */
public class PowerApiTest extends RunningServer {

    @AfterMethod
    public void disconnect() {
        send(to("/api/power-receiver").DELETE().build());
    }

    private HttpResponse<byte[]> connect(String address) {
        return put(
                "/api/power-receiver",
                JSON.createObjectNode().put("address", address).toString());
    }

    private HttpResponse<byte[]> set(String group, String mark) {
        return put(
                "/api/power-receiver/groups/" + group,
                JSON.createObjectNode().put("mark", mark).toString());
    }

    private static String detail(HttpResponse<byte[]> response) {
        return json(response).get("detail").asString();
    }

    @Test
    public void thePracticeReceiverIsSet() {
        assertThat(get("/api/power-receiver").statusCode()).isEqualTo(204);
        assertThat(set("A", "1/4").statusCode()).isEqualTo(404);
        JsonNode practice = json(send(
                to("/api/power-receiver/practice").POST(BodyPublishers.noBody()).build()));
        assertThat(practice.get("practice").asBoolean()).isTrue();
        assertThat(practice.get("groups").size()).isEqualTo(3);
        assertThat(json(set("A", "1/4")).get("mark").asString()).isEqualTo("1/4");
        assertThat(json(get("/api/power-receiver"))
                        .get("groups")
                        .get(0)
                        .get("mark")
                        .asString())
                .isEqualTo("1/4");
        HttpResponse<byte[]> none = set("A", "1/5");
        assertThat(none.statusCode()).isEqualTo(422);
        assertThat(detail(none)).contains("no such mark");
    }

    @Test
    public void anyReceiverThatSpeaksSoIsConnectedByItsAddress() throws IOException {
        String address;
        try (PracticeReceiver receiver = new PracticeReceiver(0, Clock.systemUTC())) {
            address = receiver.address().toString();
            JsonNode connected = json(connect(" " + address.replace("http://", "") + " "));
            assertThat(connected.get("address").asString()).isEqualTo(address);
            assertThat(connected.get("practice").asBoolean()).isFalse();
            assertThat(json(set("C", "43 %")).get("mark").asString()).isEqualTo("43 %");
        }
        // it was switched off
        HttpResponse<byte[]> gone = get("/api/power-receiver");
        assertThat(gone.statusCode()).isEqualTo(422);
        assertThat(detail(gone)).contains("Nothing answers at " + address);
    }

    @Test
    public void whatIsNoReceiverIsRefused() {
        assertThat(detail(connect("no address"))).contains("192.168.1.20:8490");
        assertThat(detail(connect("ftp://127.0.0.1"))).contains("is no address");
        assertThat(detail(connect("http://8.8.8.8"))).contains("not on this network");
        assertThat(detail(connect("127.0.0.1:1"))).contains("Nothing answers");
        // this server answers, and is none
        assertThat(detail(connect("127.0.0.1:" + to("/").build().uri().getPort())))
                .contains("no receiver");
        assertThat(get("/api/power-receiver").statusCode()).isEqualTo(204);
    }
}
