package zephyrdune.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class StartCommandTest {

    private Path data;

    @BeforeMethod
    public void newData() {
        data = StartedApplication.newData();
    }

    @AfterMethod(alwaysRun = true)
    public void deleteData() {
        StartedApplication.delete(data);
    }

    private record Ended(int status, String said) {}

    private Ended run(String... words) throws IOException, InterruptedException {
        Process process = StartedApplication.command(data, words).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return new Ended(process.waitFor(), said);
    }

    private static String get(String url) throws IOException, InterruptedException {
        return HttpClient.newHttpClient()
                .send(HttpRequest.newBuilder(URI.create(url)).build(), BodyHandlers.ofString())
                .body();
    }

    @DataProvider
    Object[][] mistakes() {
        return new Object[][] {
            {new String[] {"start", "--port", "many"}, "--port needs a number from 0 to 65535, not \"many\""},
            {new String[] {"start", "--port", "70000"}, "--port needs a number"},
            {new String[] {"start", "--port"}, "--port needs a number"},
            {new String[] {"start", "--fast"}, "does not know \"--fast\""},
            {new String[] {"stop"}, "there is no command \"stop\""},
        };
    }

    @Test(dataProvider = "mistakes")
    public void mistakesAreSaid(String[] words, String answer) throws Exception {
        Ended ended = run(words);
        assertThat(ended.status()).isNotZero();
        assertThat(ended.said()).contains(answer);
    }

    @Test
    public void readingsOfASetFileFromTheShell() throws Exception {
        String demo = StartedApplication.ROOT
                .resolve("server/src/main/resources/demo/1-chowder.json")
                .toString();
        Ended good = run("readings", demo);
        assertThat(good.status()).isZero();
        assertThat(good.said()).startsWith("{").contains("\"fall-off-hero\"", "\"unit\" : \"stops\"");
        Path bad = Files.writeString(
                data.resolve("bad.json"), Files.readString(Path.of(demo)).replace("0.9", "-3"));
        Ended refused = run("readings", bad.toString());
        assertThat(refused.status()).isEqualTo(1);
        assertThat(refused.said()).contains("light.distanceMetres is -3");
        assertThat(run("readings", data.resolve("none.json").toString()).status())
                .isEqualTo(2);
        assertThat(run("readings").status()).isEqualTo(2);
    }

    @Test
    public void aReceiverWantsAPort() throws Exception {
        Ended ended = run("receiver", "--port", "70000");
        assertThat(ended.status()).isNotZero();
        assertThat(ended.said()).contains("0 to 65535");
    }

    @Test
    public void helpNamesEveryOption() throws Exception {
        Ended ended = run("--help");
        assertThat(ended.status()).isZero();
        assertThat(ended.said()).contains("start", "test", "--port", "--no-demo", "ZEPHYRDUNE_HOME");
    }

    @Test
    public void secretsAreTheirOwnersAloneAndASecondStartIsRefused() throws Exception {
        try (StartedApplication first = StartedApplication.start(data)) {
            assertThat(first.address()).startsWith("http://127.0.0.1:");
            Path password = data.resolve("database/password");
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(password)))
                    .isEqualTo("rw-------");
            assertThat(Files.readString(password)).hasSizeGreaterThan(20);
            assertThat(Files.getOwner(data.resolve("database/cluster")).getName())
                    .isNotEqualTo("root");
            Ended second = run("start", "--no-build", "--port", "0");
            assertThat(second.status()).isNotZero();
            assertThat(second.said()).contains("already running on " + data, first.address());
            assertThat(get(first.address() + "api/sets")).contains("Smoked mussel chowder");
        }
    }

    @Test
    public void aPortInUseIsSaid() throws Exception {
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            Ended ended = run("start", "--no-build", "--port", Integer.toString(taken.getLocalPort()));
            assertThat(ended.status()).isNotZero();
            assertThat(ended.said()).contains("port " + taken.getLocalPort() + " is in use", "--port");
        }
    }

    /** The very first start makes an archive of classes a little later; who stops it before that is not kept waiting. */
    @Test
    public void stopsSoonAfterTheVeryFirstStart() throws Exception {
        Path archive = StartedApplication.ROOT.resolve("server/target/app/classes.jsa");
        Path aside = data.resolve("classes.jsa");
        boolean there = Files.exists(archive);
        if (there) {
            Files.move(archive, aside);
        }
        try {
            StartedApplication first = StartedApplication.start(data, "--no-demo", "--port", "0");
            ProcessHandle server = first.server();
            // until it waits for its server and its database
            Thread.sleep(3000);
            first.close();
            assertThat(server.isAlive()).isFalse();
        } finally {
            if (there) {
                Files.move(aside, archive, StandardCopyOption.REPLACE_EXISTING);
            }
        }
    }

    @Test
    public void stopsCleanlyAndKeepsItsData() throws Exception {
        ProcessHandle server;
        ProcessHandle database;
        try (StartedApplication first = StartedApplication.start(data, "--no-demo", "--port", "0")) {
            assertThat(get(first.address() + "api/sets")).isEqualTo("[]");
            server = first.server();
            database = first.database();
            HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create(first.address() + "api/sets"))
                                    .header("content-type", "application/json")
                                    .POST(HttpRequest.BodyPublishers.ofFile(StartedApplication.ROOT.resolve(
                                            "server/src/main/resources/demo/3-tart.json")))
                                    .build(),
                            BodyHandlers.ofString());
        }
        assertThat(server.isAlive()).isFalse();
        assertThat(database.isAlive()).isFalse();
        try (StartedApplication again = StartedApplication.start(data)) {
            assertThat(get(again.address() + "api/sets")).contains("Pear and almond tart");
        }
    }
}
