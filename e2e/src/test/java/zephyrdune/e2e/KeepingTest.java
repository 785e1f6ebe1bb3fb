package zephyrdune.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.testng.SkipException;
import org.testng.annotations.AfterClass;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** What is kept stays kept, whatever happens to the folder, and stays its owner's. */
public class KeepingTest {

    private static final String NOBODY = "65534";

    private Path data;
    private Path database;
    private Path withTart;

    @BeforeMethod
    public void newData() {
        data = StartedApplication.newData();
        database = data.resolve("database");
    }

    @AfterMethod(alwaysRun = true)
    public void deleteData() {
        StartedApplication.delete(data);
    }

    private record Ended(int status, String said) {}

    private static Ended ended(ProcessBuilder command) throws IOException, InterruptedException {
        Process process = command.redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return new Ended(process.waitFor(), said);
    }

    private Ended run(String... words) throws IOException, InterruptedException {
        return ended(StartedApplication.command(data, words));
    }

    private static HttpResponse<String> send(HttpRequest.Builder request) throws IOException, InterruptedException {
        return HttpClient.newHttpClient().send(request.build(), BodyHandlers.ofString());
    }

    private static HttpRequest.Builder to(StartedApplication application, String path) {
        return HttpRequest.newBuilder(URI.create(application.address() + path));
    }

    private static String sets(StartedApplication application) throws IOException, InterruptedException {
        return send(to(application, "api/sets")).body();
    }

    private static void addTart(StartedApplication application) throws IOException, InterruptedException {
        HttpResponse<String> added = send(to(application, "api/sets")
                .header("content-type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofFile(
                        StartedApplication.ROOT.resolve("server/src/main/resources/demo/3-tart.json"))));
        assertThat(added.statusCode()).isEqualTo(201);
    }

    /** A data folder with one set in it: made once, and copied for each test. */
    private void keepTart() throws IOException, InterruptedException {
        if (withTart == null) {
            withTart = StartedApplication.newData();
            try (StartedApplication first = StartedApplication.start(withTart, "--no-demo", "--port", "0")) {
                addTart(first);
            }
        }
        Ended copied = ended(new ProcessBuilder("cp", "-a", withTart + "/.", data.toString()));
        assertThat(copied.status()).as(copied.said()).isZero();
    }

    @AfterClass(alwaysRun = true)
    public void deleteWithTart() {
        if (withTart != null) {
            StartedApplication.delete(withTart);
        }
    }

    private void isThere(String what) throws IOException, InterruptedException {
        try (StartedApplication again = StartedApplication.start(data, "--no-demo", "--port", "0")) {
            assertThat(sets(again)).contains(what);
        }
    }

    private static void move(Path from, Path to) throws IOException {
        Files.move(from, to, StandardCopyOption.ATOMIC_MOVE);
    }

    @Test
    public void whatIsNotUnderstoodIsNeverDeleted() throws Exception {
        keepTart();
        Path version = database.resolve("cluster/PG_VERSION");
        Path aside = data.resolve("PG_VERSION");
        move(version, aside);
        Ended refused = run("start", "--no-build", "--port", "0");
        assertThat(refused.status()).isNotZero();
        assertThat(refused.said())
                .contains("it has no PG_VERSION", "Nothing was touched", "./zephyrdune restore '" + data + "/backups/");
        move(aside, version);

        move(database.resolve("cluster"), data.resolve("cluster"));
        Ended gone = run("start", "--no-build", "--port", "0");
        assertThat(gone.status()).isNotZero();
        assertThat(gone.said()).contains("its cluster is gone", "Nothing was touched");
        assertThat(database.resolve("cluster")).doesNotExist();
        move(data.resolve("cluster"), database.resolve("cluster"));
        isThere("Pear and almond tart");
    }

    @Test
    public void anUnfinishedFirstSetUpIsBegunAnew() throws Exception {
        Files.createDirectories(database.resolve("cluster.new/base"));
        Files.writeString(database.resolve("first-setup"), "");
        Files.writeString(database.resolve("cluster.new/PG_VERSION"), "15\n");
        try (StartedApplication application = StartedApplication.start(data)) {
            assertThat(sets(application)).contains("Smoked mussel chowder");
            assertThat(database.resolve("first-setup")).doesNotExist();
        }
    }

    @Test
    public void aLostPasswordAndAnEmptyLockAreMended() throws Exception {
        keepTart();
        Files.delete(database.resolve("password"));
        Files.writeString(database.resolve("app-password"), "");
        Files.writeString(database.resolve("cluster/postmaster.pid"), "");
        isThere("Pear and almond tart");
    }

    /** A move of folders that was cut off in the middle of an upgrade is finished. */
    @Test
    public void anUpgradeIsFinishedWhereItWasCutOff() throws Exception {
        keepTart();
        Path kept = database.resolve("cluster-14-20260101-000000");
        Files.writeString(database.resolve("upgrade-ready"), kept.toString());
        move(database.resolve("cluster"), database.resolve("cluster.upgrade"));
        Files.createDirectories(database.resolve("cluster"));
        Files.writeString(database.resolve("cluster/PG_VERSION"), "14\n");
        isThere("Pear and almond tart");
        assertThat(kept.resolve("PG_VERSION")).hasContent("14");
        assertThat(database.resolve("upgrade-ready")).doesNotExist();
    }

    @Test
    public void aVersionThatIsNotInstalledIsNamed() throws Exception {
        keepTart();
        Path version = database.resolve("cluster/PG_VERSION");
        String now = Files.readString(version);
        Files.writeString(version, "9\n");
        Ended refused = run("start", "--no-build", "--port", "0");
        assertThat(refused.status()).isNotZero();
        assertThat(refused.said()).contains("PostgreSQL 9, which is not installed", "postgresql-9");
        Files.writeString(version, now);
        isThere("Pear and almond tart");
    }

    private static long demoSets() throws IOException {
        try (Stream<Path> files = Files.list(StartedApplication.ROOT.resolve("server/src/main/resources/demo"))) {
            return files.count();
        }
    }

    @Test
    public void everythingGoesIntoOneFileAndComesBack() throws Exception {
        Path file = data.resolve("all.zip");
        try (StartedApplication running = StartedApplication.start(data)) {
            addTart(running);
            assertThat(run("backup", "--no-build", file.toString()).said())
                    .contains((demoSets() + 1) + " sets and the kit are in");
            String before = sets(running);
            String id = before.replaceAll("(?s)^.*?\"id\":\"([^\"]+)\".*$", "$1");
            assertThat(send(to(running, "api/sets/" + id + "?version=1").DELETE())
                            .statusCode())
                    .isEqualTo(204);
            assertThat(sets(running)).isNotEqualTo(before);

            Path cut = data.resolve("cut.zip");
            Files.write(cut, Arrays.copyOf(Files.readAllBytes(file), 4000));
            Path foreign = Files.writeString(data.resolve("foreign.zip"), "something else");
            for (Path bad : List.of(cut, foreign)) {
                Ended refused = run("restore", "--no-build", bad.toString());
                assertThat(refused.status()).isEqualTo(1);
                assertThat(refused.said()).contains("Nothing was changed");
            }
            assertThat(sets(running)).isNotEqualTo(before);
            assertThat(run("restore", "--no-build", data.resolve("none.zip").toString())
                            .said())
                    .contains("there is no such file");

            Ended back = run("restore", "--no-build", file.toString());
            assertThat(back.status()).as(back.said()).isZero();
            assertThat(back.said())
                    .contains("What was there is in " + data, (demoSets() + 1) + " sets and the kit are back");
            assertThat(sets(running)).isEqualTo(before);
        }
        Path elsewhere = StartedApplication.newData();
        try {
            Ended moved = ended(StartedApplication.command(elsewhere, "restore", "--no-build", file.toString()));
            assertThat(moved.status()).as(moved.said()).isZero();
            try (StartedApplication other = StartedApplication.start(elsewhere)) {
                assertThat(sets(other)).contains("Pear and almond tart").containsOnlyOnce("Rye crispbread tower");
            }
        } finally {
            StartedApplication.delete(elsewhere);
        }
    }

    @Test
    public void aCopyIsMadeAtEveryStartIfAnythingHasChanged() throws Exception {
        keepTart();
        isThere("Pear and almond tart");
        List<Path> copies = copies();
        isThere("Pear and almond tart");
        assertThat(copies()).isEqualTo(copies);
    }

    private List<Path> copies() throws IOException, InterruptedException {
        Thread.sleep(500);
        try (Stream<Path> files = Files.list(data.resolve("backups"))) {
            return files.sorted().toList();
        }
    }

    /** What another user of this machine is answered, with some more lines of a request. */
    private static String asNobody(StartedApplication application, String path, String lines)
            throws IOException, InterruptedException {
        String request =
                "GET %s HTTP/1.1\\r\\nHost: 127.0.0.1\\r\\nConnection: close\\r\\n%s\\r\\n".formatted(path, lines);
        String shell = "exec 3<>/dev/tcp/127.0.0.1/%s; printf '%s' >&3; cat <&3".formatted(application.port(), request);
        return ended(new ProcessBuilder(
                        "setpriv", "--reuid=" + NOBODY, "--regid=" + NOBODY, "--clear-groups", "bash", "-c", shell))
                .said();
    }

    private static void requireRoot() {
        if (!"root".equals(System.getProperty("user.name"))) {
            throw new SkipException("only root can ask as another user");
        }
    }

    @Test
    public void otherUsersOfTheMachineSeeAndChangeNothing() throws Exception {
        requireRoot();
        keepTart();
        try (StartedApplication application = StartedApplication.start(data, "--no-demo", "--port", "0")) {
            assertThat(asNobody(application, "/api/sets", ""))
                    .startsWith("HTTP/1.1 401")
                    .contains("start it with --key")
                    .doesNotContain("almond");
            assertThat(asNobody(application, "/", "")).startsWith("HTTP/1.1 401");
            assertThat(asNobody(application, "/?key=", "")).startsWith("HTTP/1.1 401");
            assertThat(asNobody(
                            application,
                            "/api/pictures",
                            "Upgrade: websocket\\r\\nConnection: Upgrade\\r\\nSec-WebSocket-Version: 13\\r\\n"
                                    + "Sec-WebSocket-Key: dGhlIHNhbXBsZSBub25jZQ==\\r\\n"))
                    .startsWith("HTTP/1.1 401");
            assertThat(sets(application)).contains("Pear and almond tart");
        }
    }

    @Test
    public void theKeyLetsOthersIn() throws Exception {
        requireRoot();
        keepTart();
        try (StartedApplication application = StartedApplication.start(data, "--no-demo", "--key", "--port", "0")) {
            String key = String.join("\n", application.said()).replaceAll("(?s)^.*\\?key=(\\S+).*$", "$1");
            String opened = asNobody(application, "/?key=" + key, "");
            assertThat(opened)
                    .startsWith("HTTP/1.1 303")
                    .contains("HttpOnly", "SameSite=Strict")
                    .containsPattern("(?i)location: /\\r?\\n");
            String cookie = opened.replaceAll("(?s)^.*Set-Cookie: ([^;]+);.*$", "$1");
            assertThat(asNobody(application, "/api/sets", "Cookie: " + cookie + "\\r\\n"))
                    .startsWith("HTTP/1.1 200")
                    .contains("Pear and almond tart");
            assertThat(asNobody(application, "/api/sets", "Cookie: " + cookie + "x\\r\\n"))
                    .startsWith("HTTP/1.1 401");
        }
    }

    @Test
    public void theApplicationIsNotTheDatabasesMaster() throws Exception {
        keepTart();
        try (StartedApplication application = StartedApplication.start(data, "--no-demo", "--port", "0")) {
            assertThat(sets(application)).contains("Pear and almond tart");
            String url = StartedApplication.environmentOf(application.server(), "ZEPHYRDUNE_DB_URL");
            String port = url.replaceAll("^.*:(\\d+)/.*$", "$1");
            ProcessBuilder asking = new ProcessBuilder(
                    "psql",
                    "-X",
                    "-At",
                    "-h",
                    "127.0.0.1",
                    "-p",
                    port,
                    "-U",
                    "zephyrdune_app",
                    "-d",
                    "zephyrdune",
                    "-c",
                    "select rolsuper, rolcreatedb, rolcreaterole from pg_roles where rolname = current_user; show data_checksums");
            asking.environment().put("PGPASSWORD", Files.readString(database.resolve("app-password")));
            assertThat(ended(asking).said()).contains("f|f|f", "on");
        }
    }
}
