package zephyrdune.e2e;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/** The application as a person starts it: by its own command, on a data folder of its own. */
final class StartedApplication implements AutoCloseable {

    private static final long LAST_WORDS_MILLIS = 10_000;

    static final Path ROOT = Path.of("..").toAbsolutePath().normalize();

    private final Path data;
    private final Process process;
    private final List<String> said = new CopyOnWriteArrayList<>();
    private Thread listener;
    private String address;

    private StartedApplication(Path data, Process process) {
        this.data = data;
        this.process = process;
    }

    /** An empty data folder that the database's user can pass to. */
    static Path newData() {
        try {
            return Files.createTempDirectory(Path.of("/tmp"), "zephyrdune-e2e");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static void delete(Path data) {
        try (Stream<Path> files = Files.walk(data)) {
            files.sorted(Comparator.reverseOrder())
                    .forEach(file -> file.toFile().delete());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static ProcessBuilder command(Path data, String... words) {
        List<String> line = new ArrayList<>(List.of(ROOT.resolve("zephyrdune").toString()));
        line.addAll(List.of(words));
        ProcessBuilder builder = new ProcessBuilder(line).redirectErrorStream(true);
        builder.environment().put("ZEPHYRDUNE_HOME", data.toString());
        if (!Boolean.getBoolean("screenshots")) {
            // grain is no matter here, and what gets finer would take half of the machine from what is tested
            builder.environment().put("ZEPHYRDUNE_PICTURES_DONE_AT", "5");
            builder.environment().put("ZEPHYRDUNE_PICTURES_WIDEST", "240");
        }
        return builder;
    }

    /** Starts what is built, on any free port, for many tests. */
    static StartedApplication startForLong(Path data) {
        return start(command(data, "start", "--no-build", "--port", "0"), data);
    }

    /** The same for a short while, on any free port unless one is named: what is compiled well takes longer than it saves. */
    static StartedApplication start(Path data, String... words) {
        List<String> line = new ArrayList<>(List.of("start", "--no-build"));
        line.addAll(words.length == 0 ? List.of("--port", "0") : List.of(words));
        ProcessBuilder command = command(data, line.toArray(String[]::new));
        command.environment().put("JDK_JAVA_OPTIONS", "-XX:TieredStopAtLevel=1");
        return start(command, data);
    }

    /** Waits until it has said where it is. */
    private static StartedApplication start(ProcessBuilder command, Path data) {
        try {
            StartedApplication application = new StartedApplication(data, command.start());
            application.waitForAddress();
            return application;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void waitForAddress() throws IOException {
        BufferedReader output =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
        String line = output.readLine();
        while (line != null) {
            said.add(line);
            if (line.startsWith("Zephyrdune is at ")) {
                address = line.substring("Zephyrdune is at ".length()).replaceAll("\\?key=.*$", "");
                listener = new Thread(() -> listen(output));
                listener.setDaemon(true);
                listener.start();
                return;
            }
            line = output.readLine();
        }
        throw new AssertionError("did not start: " + said);
    }

    /** Takes down what it says until it ends. */
    private void listen(BufferedReader output) {
        try {
            for (String line = output.readLine(); line != null; line = output.readLine()) {
                said.add(line);
            }
        } catch (IOException ended) {
            said.add("(killed)");
        }
    }

    String address() {
        return address;
    }

    String port() {
        return address.replaceAll("^.*:(\\d+)/$", "$1");
    }

    private long pid(Path file) {
        try {
            return Long.parseLong(Files.readAllLines(file).get(0).trim());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    ProcessHandle server() {
        return ProcessHandle.of(pid(data.resolve("server.pid"))).orElseThrow();
    }

    ProcessHandle database() {
        return ProcessHandle.of(pid(data.resolve("database/cluster/postmaster.pid")))
                .orElseThrow();
    }

    /** One of the variables that a process was started with. */
    static String environmentOf(ProcessHandle process, String name) {
        try {
            return Arrays.stream(Files.readString(Path.of("/proc/" + process.pid() + "/environ"))
                            .split("\0"))
                    .filter(variable -> variable.startsWith(name + "="))
                    .map(variable -> variable.substring(name.length() + 1))
                    .findFirst()
                    .orElseThrow();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** kill -9 of the start command, the server and the database. */
    void killEverything() {
        ProcessHandle server = server();
        ProcessHandle database = database();
        process.destroyForcibly();
        database.destroyForcibly();
        server.destroyForcibly();
        process.onExit().join();
        server.onExit().join();
    }

    int waitForEnd() {
        try {
            if (!process.waitFor(60, TimeUnit.SECONDS)) {
                throw new AssertionError("still running: " + said);
            }
            // its last words may still be on their way
            listener.join(LAST_WORDS_MILLIS);
        } catch (InterruptedException e) {
            throw new AssertionError(e);
        }
        return process.exitValue();
    }

    List<String> said() {
        return said;
    }

    /** Asks it to stop, as Ctrl-C does. */
    @Override
    public void close() {
        if (process.isAlive()) {
            process.destroy();
            waitForEnd();
        }
    }
}
