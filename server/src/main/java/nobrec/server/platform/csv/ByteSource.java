package nobrec.server.platform.csv;

import java.io.IOException;
import java.io.InputStream;

/** Bytes that can be read more than once: a file that somebody sent, or one that is kept. */
@FunctionalInterface
public interface ByteSource {

    InputStream open() throws IOException;
}
