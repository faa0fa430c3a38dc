package nobrec.server.shipnotice;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import nobrec.core.refusal.Refusal;
import nobrec.server.connection.Connection;
import nobrec.server.connection.Connections;
import nobrec.server.partner.Partner;
import nobrec.server.partner.Partners;
import nobrec.server.partner.folder.PartnerFolders;
import nobrec.server.platform.BackgroundWork.Sweep;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;

/**
 * Takes what partners put into their folders: acknowledgments. One that is read twice, by two servers or after a kill, says the same
 * twice. Times of files are compared with the machine's own clock, which wrote them.
 */
@Component
class FolderAnswers {

    private static final Logger LOG = LoggerFactory.getLogger(FolderAnswers.class);

    /** One that was changed so lately may still be written. */
    private static final Duration SETTLED = Duration.ofSeconds(3);

    private static final String FOLDER = "partner-folder";

    private final PartnerFolders folders;
    private final Partners partners;
    private final Connections connections;
    private final Acknowledgments acknowledgments;

    FolderAnswers(PartnerFolders folders, Partners partners, Connections connections, Acknowledgments acknowledgments) {
        this.folders = folders;
        this.partners = partners;
        this.connections = connections;
        this.acknowledgments = acknowledgments;
    }

    @Configuration
    static class Looking {
        private static final Duration PAUSE = Duration.ofSeconds(5);

        @Bean
        Sweep sweepOfPartnerFolders(FolderAnswers answers) {
            return new Sweep("partner folders", PAUSE, answers::look);
        }
    }

    void look() {
        if (!folders.areSet()) {
            return;
        }
        for (Partner partner : partners.all()) {
            boolean hasFolder = connections
                    .find(partner.code())
                    .filter(each -> each.adapter().equals(FOLDER))
                    .isPresent();
            if (hasFolder) {
                lookAt(partner);
            }
        }
    }

    /** A folder that cannot be used holds up no other. */
    private void lookAt(Partner partner) {
        try {
            look(partner, connections.to(partner.code()));
        } catch (IOException | RuntimeException failed) {
            LOG.warn("The folder of {} cannot be used", partner.name(), failed);
        }
    }

    private void look(Partner partner, Connection connection) throws IOException {
        for (Path file : folders.incoming(connection)) {
            Instant changed = Files.getLastModifiedTime(file).toInstant();
            if (changed.isBefore(Instant.now().minus(SETTLED))) {
                folders.moveOn(connection, file, take(partner, file));
            }
        }
    }

    /** Why it was refused; empty text where it was not. */
    private String take(Partner partner, Path file) throws IOException {
        Optional<String> text = folders.read(file);
        if (text.isEmpty()) {
            return "It is larger than any acknowledgment.";
        }
        try {
            acknowledgments.take(partner.code(), text.get());
            return "";
        } catch (Refusal refusal) {
            return refusal.thing() + ": " + refusal.reason() + " " + refusal.remedy();
        }
    }
}
