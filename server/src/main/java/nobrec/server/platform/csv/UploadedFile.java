package nobrec.server.platform.csv;

import java.io.IOException;
import java.io.UncheckedIOException;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import org.springframework.web.multipart.MultipartFile;

/** A file that somebody sent: its name and what is in it. */
public record UploadedFile(String name, byte[] content) {

    /** @throws Refusal when it has no name or one that is too long */
    public static UploadedFile of(MultipartFile file) {
        String name = name(file);
        if (file.getSize() > Limits.SMALL_FILE_BYTES) {
            throw Refusal.unusable(
                    "File “" + name + "”",
                    "It is larger than " + Limits.SMALL_FILE_BYTES / 1_000_000 + " MB.",
                    "Look whether this is the file you mean.");
        }
        try {
            return new UploadedFile(name, file.getBytes());
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    /** @throws Refusal when it has no name or one that is too long */
    public static String name(MultipartFile file) {
        String name = file.getOriginalFilename();
        if (name == null || name.isBlank()) {
            throw Refusal.unusable("The file", "It has no name.", "Drop a saved file.");
        }
        if (name.length() > Limits.FILE_NAME) {
            throw Refusal.unusable(
                    "The file", "Its name has more than " + Limits.FILE_NAME + " letters.", "Give it a short name.");
        }
        return name;
    }
}
