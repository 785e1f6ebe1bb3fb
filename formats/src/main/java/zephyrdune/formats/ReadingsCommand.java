package zephyrdune.formats;

import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import zephyrdune.formats.BadFile.Problem;
import zephyrdune.units.measure.Lengths;

/** Prints the readings of a set file from the shell, without a server or a database. */
public final class ReadingsCommand {

    /** All went well. */
    static final int OK = 0;

    /** The file was read and is no set that can stand. */
    static final int BAD_SET = 1;

    /** There is no file to read, or it cannot be read. */
    static final int NO_FILE = 2;

    private static final String USAGE = "usage: zephyrdune readings FILE   (- for standard input)";

    private ReadingsCommand() {}

    public static void main(String[] arguments) {
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        PrintStream err = new PrintStream(System.err, true, StandardCharsets.UTF_8);
        System.exit(run(arguments, System.in, out, err));
    }

    static int run(String[] arguments, InputStream in, PrintStream out, PrintStream err) {
        if (arguments.length != 1) {
            err.println(USAGE);
            return NO_FILE;
        }
        String name = arguments[0];
        try {
            out.print(ReadingsFile.write(SetFormat.read(bytes(name, in))));
            return OK;
        } catch (BadFile bad) {
            for (Problem problem : bad.problems()) {
                boolean named = problem.field().isEmpty() || problem.detail().startsWith(problem.field());
                String field = named ? "" : problem.field() + ": ";
                err.println("%s: %s%s".formatted(name, field, Lengths.plain(problem.detail())));
            }
            return BAD_SET;
        } catch (NoSuchFileException missing) {
            err.println(name + ": there is no such file");
            return NO_FILE;
        } catch (IOException unreadable) {
            err.println(name + ": this cannot be read");
            return NO_FILE;
        }
    }

    private static byte[] bytes(String name, InputStream in) throws IOException {
        if (name.equals("-")) {
            return in.readNBytes(SetFormat.LONGEST_FILE + 1);
        }
        try (InputStream file = Files.newInputStream(Path.of(name))) {
            return file.readNBytes(SetFormat.LONGEST_FILE + 1);
        }
    }
}
