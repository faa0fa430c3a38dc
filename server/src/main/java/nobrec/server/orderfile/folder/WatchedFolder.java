package nobrec.server.orderfile.folder;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import nobrec.server.orderfile.FileImports;
import nobrec.server.platform.BackgroundWork.Sweep;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;

/**
 * Takes in the files of a folder, each once and whole: not while it is still written, and by one server. It is moved to
 * {@code working}, then to {@code done} or {@code refused} with a report beside it. What was cut off begins again: work orders
 * that are here already are recognized. Times of files are compared with the machine's own clock, which wrote them.
 */
@Component
class WatchedFolder {

    private static final Logger LOG = LoggerFactory.getLogger(WatchedFolder.class);
    private static final String WORKING = "working";
    private static final String DONE = "done";
    private static final String REFUSED = "refused";
    private static final String REPORT = ".report.txt";
    private static final String TAKING = "taking";
    private static final Pattern IN_WORK = Pattern.compile("(" + TAKING + "|[0-9]{1,18})__(.+)");
    private static final Pattern READ = Pattern.compile("(?i).+\\.(csv|txt|xml)");

    /** One that is cut off so long ago is not under way on any server. */
    private static final Duration CUT_OFF = Duration.ofMinutes(2);

    private static final long LARGEST = 64_000_000;

    /** How a file looked when it was seen last. */
    private record Seen(long size, FileTime changed) {}

    private final String folder;
    private final FileImports imports;
    private final Map<String, Seen> seen = new HashMap<>();

    WatchedFolder(@Value("${nobrec.watched-folder:}") String folder, FileImports imports) {
        this.folder = folder;
        this.imports = imports;
    }

    @Configuration
    static class Watching {
        private static final Duration PAUSE = Duration.ofSeconds(3);

        @Bean
        Sweep sweepOfFolder(WatchedFolder folder) {
            return new Sweep("watched folder", PAUSE, folder::look);
        }
    }

    /** Looks once: what lies there unchanged since the last look is taken, what has been read is moved on. */
    synchronized void look() {
        if (folder.isBlank()) {
            return;
        }
        Path home = Path.of(folder);
        try {
            for (String each : List.of(WORKING, DONE, REFUSED)) {
                Files.createDirectories(home.resolve(each));
            }
            for (Path file : files(home.resolve(WORKING))) {
                goOn(home, file);
            }
            for (Path file : files(home)) {
                if (isWhole(file)) {
                    take(home, file);
                }
            }
        } catch (IOException failed) {
            throw new UncheckedIOException("The watched folder " + folder + " cannot be used", failed);
        }
    }

    private static List<Path> files(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(each -> Files.isRegularFile(each, LinkOption.NOFOLLOW_LINKS))
                    .filter(each -> READ.matcher(name(each)).matches())
                    .sorted()
                    .toList();
        }
    }

    private static String name(Path file) {
        return file.getFileName().toString();
    }

    /** Whether nothing has been written to it since the last look. */
    private boolean isWhole(Path file) throws IOException {
        Seen now = new Seen(Files.size(file), Files.getLastModifiedTime(file));
        return now.size() > 0 && now.equals(seen.put(name(file), now));
    }

    private void take(Path home, Path file) throws IOException {
        String name = name(file);
        seen.remove(name);
        Path taking = home.resolve(WORKING).resolve(TAKING + "__" + name);
        try {
            Files.move(file, taking);
        } catch (FileSystemException taken) {
            LOG.debug("{} is taken by another server: {}", name, taken.getMessage());
            return;
        }
        Files.setLastModifiedTime(taking, FileTime.from(Instant.now()));
        try {
            if (Files.size(taking) > LARGEST || name.length() > Limits.FILE_NAME) {
                throw Refusal.unusable(
                        "File “" + name + "”", "It is larger than 64 MB, or its name too long.", "Split it.");
            }
            long id = imports.takeIn(name, () -> Files.newInputStream(taking), AuditLog.BY_ITSELF);
            Files.move(taking, home.resolve(WORKING).resolve(id + "__" + name), StandardCopyOption.REPLACE_EXISTING);
        } catch (Refusal refusal) {
            moveOn(home, taking, REFUSED, name, List.of(refusal.reason(), refusal.remedy()));
        }
    }

    /** One that is being read: moved on when it is, begun again when its server went away before it was kept. */
    private void goOn(Path home, Path file) throws IOException {
        Matcher matcher = IN_WORK.matcher(name(file));
        if (!matcher.matches()) {
            return;
        }
        String name = matcher.group(2);
        if (matcher.group(1).equals(TAKING)) {
            Instant since = Files.getLastModifiedTime(file).toInstant();
            if (since.isBefore(Instant.now().minus(CUT_OFF))) {
                Files.move(file, home.resolve(name), StandardCopyOption.REPLACE_EXISTING);
            }
            return;
        }
        Optional<FileImports.Outcome> outcome = imports.outcome(Long.parseLong(matcher.group(1)));
        if (outcome.isEmpty()) {
            moveOn(home, file, REFUSED, name, List.of("Somebody discarded it."));
        } else if (outcome.get().isOver()) {
            boolean good = outcome.get().leftOut() == 0 && !outcome.get().needsLayout();
            moveOn(home, file, good ? DONE : REFUSED, name, outcome.get().report());
        }
    }

    private static void moveOn(Path home, Path file, String where, String name, List<String> report)
            throws IOException {
        String stamp = Instant.now().toString().replaceAll("[^0-9]", "").substring(0, 14);
        String kept = stamp + "-" + name.toLowerCase(Locale.ROOT);
        Files.writeString(
                home.resolve(where).resolve(kept + REPORT),
                name + "\n" + String.join("\n", report) + "\n",
                StandardCharsets.UTF_8);
        Files.move(file, home.resolve(where).resolve(kept), StandardCopyOption.REPLACE_EXISTING);
    }
}
