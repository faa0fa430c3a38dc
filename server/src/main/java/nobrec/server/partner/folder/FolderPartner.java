package nobrec.server.partner.folder;

import java.io.IOException;
import java.net.URI;
import nobrec.server.connection.Connection;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.partner.PartnerPort;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Partners whose files are taken from a folder by whatever carries them on. */
@Component
class FolderPartner implements PartnerPort {

    private static final Logger LOG = LoggerFactory.getLogger(FolderPartner.class);
    private static final String SCHEME = "folder";

    private final PartnerFolders folders;

    FolderPartner(PartnerFolders folders) {
        this.folders = folders;
    }

    @Override
    public String adapterName() {
        return "partner-folder";
    }

    @Override
    public boolean canCall(URI address) {
        String path = address.getPath();
        return SCHEME.equals(address.getScheme())
                && address.getHost() != null
                && address.getHost().matches(PartnerFolders.NAME)
                && (path == null || path.isEmpty());
    }

    @Override
    public String addressForm() {
        return "folder:// and the folder’s name in small letters, digits and “-”";
    }

    @Override
    public OutsideAnswer<Receipt> deliver(Connection connection, Delivery delivery) {
        try {
            folders.write(connection, delivery.name(), delivery.text());
            return new OutsideAnswer.Accepted<>(new Receipt("File " + delivery.name() + " is in its folder.", ""));
        } catch (IOException failed) {
            LOG.warn("{} cannot be written for {}", delivery.name(), connection.name(), failed);
            return new OutsideAnswer.Unknown<>("Its folder cannot be written to.");
        }
    }
}
