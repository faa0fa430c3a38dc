package nobrec.server.partner.folder;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import nobrec.server.connection.Connection;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * A folder for each partner below one that the server is told: what goes out stands in {@code out}, what comes in is put into {@code in}
 * and moved to {@code done} or {@code refused}. A file is there whole or not at all.
 */
@Component
public class PartnerFolders {

    static final String NAME = "[a-z0-9]([a-z0-9-]{0,38}[a-z0-9])?";

    private static final String OUT = "out";
    private static final String IN = "in";

    private final String home;

    PartnerFolders(@Value("${nobrec.partner-folder:}") String home) {
        this.home = home;
    }

    /** The same name again is the same file again. */
    void write(Connection connection, String name, String text) throws IOException {
        Path folder = folder(connection, OUT);
        Path part = folder.resolve("." + name + ".part");
        try (FileChannel channel = FileChannel.open(
                part, StandardOpenOption.CREATE, StandardOpenOption.WRITE, StandardOpenOption.TRUNCATE_EXISTING)) {
            ByteBuffer bytes = ByteBuffer.wrap(text.getBytes(StandardCharsets.UTF_8));
            while (bytes.hasRemaining()) {
                channel.write(bytes);
            }
            channel.force(true);
        }
        Files.move(part, folder.resolve(name), StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    }

    /** Whether the server was told where partners' folders are. */
    public boolean areSet() {
        return !home.isBlank();
    }

    /** What lies in a partner's folder for us. */
    public List<Path> incoming(Connection connection) throws IOException {
        try (Stream<Path> files = Files.list(folder(connection, IN))) {
            return files.filter(each -> Files.isRegularFile(each, LinkOption.NOFOLLOW_LINKS))
                    .filter(each -> !each.getFileName().toString().startsWith("."))
                    .sorted()
                    .toList();
        }
    }

    /** Its text; empty where it is too large to be what is awaited. */
    public Optional<String> read(Path file) throws IOException {
        return Files.size(file) > Limits.PARTNER_DOCUMENT
                ? Optional.empty()
                : Optional.of(new String(Files.readAllBytes(file), StandardCharsets.UTF_8));
    }

    /** @param fault why it was refused; empty text where it was not */
    public void moveOn(Connection connection, Path file, String fault) throws IOException {
        Path to = folder(connection, fault.isEmpty() ? "done" : "refused");
        String name = file.getFileName().toString();
        if (!fault.isEmpty()) {
            Files.writeString(to.resolve(name + ".report.txt"), fault + "\n", StandardCharsets.UTF_8);
        }
        Files.move(file, to.resolve(name), StandardCopyOption.REPLACE_EXISTING);
    }

    private Path folder(Connection connection, String part) throws IOException {
        String name = connection.address().getHost();
        if (!areSet() || name == null || !name.matches(NAME)) {
            throw Refusal.unusable(
                    connection.name(),
                    "The server was not told where the folders of partners are.",
                    "Have NOBREC_PARTNER_FOLDER set, and the server started again.");
        }
        return Files.createDirectories(Path.of(home).resolve(name).resolve(part));
    }
}
