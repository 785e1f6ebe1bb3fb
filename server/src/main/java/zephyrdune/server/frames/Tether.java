package zephyrdune.server.frames;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Component;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.PhotographFile;
import zephyrdune.units.measure.Refused;

/**
 * A folder that a camera or a capture program writes into: what comes there becomes a test frame of one set. Files are only read, and only when they are
 * no longer written on.
 */
@Component
class Tether implements DisposableBean {

    private static final Logger LOG = LoggerFactory.getLogger(Tether.class);

    private static final long EVERY_MILLIS = 250;

    /** A file that cannot be read may still be written: until it has not changed for so long. */
    private static final long PATIENCE_MILLIS = 3000;

    private static final int MOST_REFUSED = 20;

    private final TetherStore store;
    private final FrameStore frames;
    private final PracticeSettings practice;
    private final ScheduledExecutorService watch = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "tether");
        thread.setDaemon(true);
        return thread;
    });

    private Optional<TetherStore.Watched> watched = Optional.empty();
    private final Set<String> done = new HashSet<>();
    private final Deque<RefusedFile> refused = new ArrayDeque<>();
    private Set<String> before = Set.of();
    private String trouble = "";
    private int waiting;
    private int arrived;

    /** @param why it is no frame */
    record RefusedFile(String name, String why) {}

    /**
     * What comes in, and what is wrong.
     *
     * @param folder empty where none is watched
     * @param practice whether it is the practice camera's
     * @param arrived frames that came in since it is watched
     * @param waiting files that are still to be read
     * @param trouble with the folder; empty where there is none
     * @param refused files that are no frames, the newest first
     */
    record TetherStatus(
            String folder,
            UUID set,
            boolean practice,
            int arrived,
            int waiting,
            String trouble,
            List<RefusedFile> refused) {}

    Tether(TetherStore store, FrameStore frames, PracticeSettings practice) {
        this.practice = practice;
        this.store = store;
        this.frames = frames;
    }

    @EventListener(ApplicationReadyEvent.class)
    void start() {
        resume();
        watch.scheduleWithFixedDelay(this::look, EVERY_MILLIS, EVERY_MILLIS, TimeUnit.MILLISECONDS);
    }

    /** Goes on where it stopped: what came in meanwhile is read, and what is kept already is known by its content. */
    private synchronized void resume() {
        watched = store.find();
        done.clear();
        watched.ifPresent(was -> done.addAll(was.known()));
    }

    /** @throws Refused where there is no such folder, or it must not be read */
    synchronized TetherStatus watch(UUID set, String folder) {
        Path path = folder(folder);
        Set<String> known = marks(path);
        TetherStore.Watched next = new TetherStore.Watched(set, path.toString(), known);
        store.put(next);
        watched = Optional.of(next);
        done.clear();
        done.addAll(known);
        refused.clear();
        trouble = "";
        waiting = 0;
        arrived = 0;
        return status();
    }

    synchronized TetherStatus stop() {
        store.delete();
        watched = Optional.empty();
        trouble = "";
        waiting = 0;
        refused.clear();
        return status();
    }

    synchronized TetherStatus status() {
        return new TetherStatus(
                watched.map(TetherStore.Watched::folder).orElse(""),
                watched.map(TetherStore.Watched::set).orElse(null),
                watched.filter(now -> now.folder().equals(practice.path().toString()))
                        .isPresent(),
                arrived,
                waiting,
                trouble,
                List.copyOf(refused));
    }

    private static Path folder(String text) {
        Path path;
        try {
            path = Path.of(text.strip());
        } catch (IllegalArgumentException noPath) {
            throw new Refused("folder", "This is no name of a folder");
        }
        if (!path.isAbsolute()) {
            throw new Refused("folder", "Name the whole way to the folder, from / on");
        }
        if (!Files.isDirectory(path)) {
            throw new Refused("folder", "There is no such folder on this machine; make it first");
        }
        if (!Files.isReadable(path)) {
            throw new Refused("folder", "This folder may not be read; give yourself the right to read it");
        }
        return path.normalize();
    }

    private static Set<String> marks(Path folder) {
        try {
            return FolderFile.in(folder).stream().map(FolderFile::mark).collect(Collectors.toSet());
        } catch (IOException unreadable) {
            throw new Refused("folder", "This folder cannot be read: " + why(unreadable));
        }
    }

    private static String why(IOException trouble) {
        if (trouble instanceof NoSuchFileException || trouble instanceof NotDirectoryException) {
            return "it is no longer there";
        }
        return trouble instanceof AccessDeniedException ? "nobody gave the right to" : "its disk does not answer";
    }

    /** One look into the folder; nothing that goes wrong ends the watching. */
    private void look() {
        try {
            Optional<TetherStore.Watched> now = watchedNow();
            if (now.isPresent()) {
                look(now.get());
            }
        } catch (RuntimeException unforeseen) {
            LOG.warn("The folder of test frames could not be looked into", unforeseen);
        }
    }

    private synchronized Optional<TetherStore.Watched> watchedNow() {
        return watched;
    }

    private void look(TetherStore.Watched now) {
        List<FolderFile> there;
        try {
            there = FolderFile.in(Path.of(now.folder()));
            tell(now, "");
        } catch (IOException gone) {
            tell(now, "The folder cannot be read: " + why(gone) + ". Frames are taken in again as soon as it is back");
            return;
        }
        List<FolderFile> fresh = fresh(now, there);
        Set<String> seen = before;
        before = there.stream().map(FolderFile::mark).collect(Collectors.toSet());
        // what has not changed since the last look is no longer written on
        for (FolderFile file : fresh) {
            if (seen.contains(file.mark()) && file.size() > 0) {
                take(now, file);
            } else if (file.size() == 0 && old(file)) {
                refuse(now, file, "It is empty");
            }
        }
    }

    private static boolean old(FolderFile file) {
        return System.currentTimeMillis() - file.changed() > PATIENCE_MILLIS;
    }

    private synchronized List<FolderFile> fresh(TetherStore.Watched now, List<FolderFile> there) {
        if (!watched.equals(Optional.of(now))) {
            return List.of();
        }
        List<FolderFile> fresh = new ArrayList<>();
        for (FolderFile file : there) {
            if (!done.contains(file.mark())) {
                fresh.add(file);
            }
        }
        waiting = fresh.size();
        return fresh;
    }

    private synchronized void tell(TetherStore.Watched now, String what) {
        if (watched.equals(Optional.of(now))) {
            trouble = what;
        }
    }

    private void take(TetherStore.Watched now, FolderFile file) {
        try {
            byte[] bytes = read(file);
            boolean fresh = !frames.has(now.set(), bytes);
            if (fresh) {
                frames.add(now.set(), name(file), bytes, PhotographFile.read(bytes));
            }
            finish(now, file, fresh);
        } catch (BadFile unreadable) {
            if (old(file)) {
                refuse(now, file, unreadable.getMessage());
            }
        } catch (IOException unreadable) {
            if (old(file)) {
                refuse(now, file, "It may not be read");
            }
        } catch (DataIntegrityViolationException setIsGone) {
            stop();
        } catch (DataAccessException full) {
            // it stays waiting: the next look tries again
            LOG.warn("The test frame {} could not be kept", name(file), full);
            tell(now, "Frames cannot be kept just now: is the disk full? They are tried again");
        }
    }

    private static byte[] read(FolderFile file) throws IOException {
        try (InputStream in = Files.newInputStream(file.path(), LinkOption.NOFOLLOW_LINKS)) {
            return in.readNBytes(PhotographFile.LONGEST_FILE + 1);
        }
    }

    private static String name(FolderFile file) {
        return FrameName.of(file.name());
    }

    private synchronized void finish(TetherStore.Watched now, FolderFile file, boolean fresh) {
        if (watched.equals(Optional.of(now))) {
            done.add(file.mark());
            waiting = Math.max(0, waiting - 1);
            arrived += fresh ? 1 : 0;
        }
    }

    private synchronized void refuse(TetherStore.Watched now, FolderFile file, String why) {
        finish(now, file, false);
        refused.addFirst(new RefusedFile(name(file), why));
        while (refused.size() > MOST_REFUSED) {
            refused.removeLast();
        }
    }

    @Override
    public void destroy() {
        watch.shutdownNow();
    }
}
