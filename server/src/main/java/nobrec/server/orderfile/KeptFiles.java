package nobrec.server.orderfile;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.SequenceInputStream;
import java.time.Clock;
import java.time.Duration;
import java.util.Enumeration;
import java.util.NoSuchElementException;
import nobrec.core.refusal.Refusal;
import nobrec.server.platform.BackgroundWork.Sweep;
import nobrec.server.platform.csv.ByteSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;

/** The bytes of files, kept in parts in the database, so that any server can go on with one. */
@Component
class KeptFiles {

    private static final int PART_BYTES = 1 << 20;

    private static final Duration KEPT = Duration.ofDays(30);

    private final ImportMapper mapper;
    private final Clock clock;

    KeptFiles(ImportMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** Files that nobody was done with are not kept for ever. */
    @Configuration
    static class Tidying {
        private static final Duration PAUSE = Duration.ofHours(1);

        @Bean
        Sweep sweepOfKeptFiles(KeptFiles files) {
            return new Sweep("kept files", PAUSE, files::forgetOld);
        }
    }

    void forgetOld() {
        mapper.deletePartsBefore(clock.instant().minus(KEPT));
    }

    void keep(long importId, ByteSource bytes) throws IOException {
        try (InputStream stream = bytes.open()) {
            int position = 0;
            byte[] part = stream.readNBytes(PART_BYTES);
            while (part.length > 0) {
                mapper.insertPart(importId, position, part);
                position++;
                part = stream.readNBytes(PART_BYTES);
            }
        }
    }

    ByteSource bytes(long importId) {
        int parts = mapper.countParts(importId);
        if (parts == 0) {
            throw Refusal.unusable("This file", "It is not kept any more.", "Drop it again.");
        }
        return () -> new SequenceInputStream(parts(importId, parts));
    }

    private Enumeration<InputStream> parts(long importId, int count) {
        return new Enumeration<>() {
            private int next;

            @Override
            public boolean hasMoreElements() {
                return next < count;
            }

            @Override
            public InputStream nextElement() {
                if (next >= count) {
                    throw new NoSuchElementException();
                }
                byte[] part = mapper.part(importId, next).bytes();
                next++;
                return new ByteArrayInputStream(part);
            }
        };
    }

    void forget(long importId) {
        mapper.deleteParts(importId);
    }
}
