package nobrec.server.mail;

import java.net.URI;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.mail.MailAddress;
import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.Remembered;
import nobrec.server.platform.SetUpVersion;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who writes, how it looks, and the shop's files that can be attached. */
@Service
public class MailSettings {

    private static final String THING = "How emails look";
    private static final int LARGEST_LOGO = 300_000;
    private static final int LARGEST_FILE = 5_000_000;
    private static final int LONGEST_BEGINNING = 8;
    private static final int MOST_FILES = 100;
    private static final String ANY_FILE = "application/octet-stream";

    /** How files of these kinds begin, in hexadecimal. */
    private static final Map<String, String> PICTURES = Map.of("89504e470d0a1a0a", "image/png", "ffd8ff", "image/jpeg");

    private final MailMapper mapper;
    private final SetUpVersion setUpVersion;
    private final Remembered<ShopLook> look;
    private final AuditLog auditLog;
    private final Clock clock;

    MailSettings(MailMapper mapper, SetUpVersion setUpVersion, AuditLog auditLog, Clock clock) {
        this.mapper = mapper;
        this.setUpVersion = setUpVersion;
        this.look = new Remembered<>(setUpVersion, this::readLook);
        this.auditLog = auditLog;
        this.clock = clock;
    }

    /** How the shop shows itself to its customers, as it is set up. */
    public ShopLook look() {
        return look.get();
    }

    private ShopLook readLook() {
        MailSettingRow kept = kept();
        return new ShopLook(kept.senderName(), kept.color(), kept.closing(), kept.reachedAt(), logoAddress(kept));
    }

    /** The picture as an address that holds it (RFC 2397); empty text for none. */
    String logoAddress(MailSettingRow kept) {
        return logo(kept)
                .map(each -> "data:" + each.mediaType() + ";base64,"
                        + Base64.getEncoder().encodeToString(each.bytes()))
                .orElse("");
    }

    MailSettingRow kept() {
        return mapper.setting().orElse(MailSettingRow.NONE);
    }

    /** @throws Refusal while nobody has said who writes */
    void requireSender() {
        sender(kept());
    }

    static MailPort.Sender sender(MailSettingRow kept) {
        MailAddress from = MailAddress.read(kept.senderAddress())
                .orElseThrow(() -> Refusal.unusable(
                        "Emails", "Nobody has said who writes them.", "Set the sender's address on Emails, Look."));
        return new MailPort.Sender(
                kept.senderName(), from, MailAddress.read(kept.replyTo()).orElse(from));
    }

    Optional<MailPort.Attached> logo(MailSettingRow kept) {
        return kept.logoType().isEmpty()
                ? Optional.empty()
                : mapper.logo().map(each -> new MailPort.Attached("logo", kept.logoType(), each.bytes()));
    }

    /** @param changed with the version that was looked at */
    @Transactional
    public void keep(MailSettingRow changed, String signIn) {
        if (mapper.settingVersionLocked().orElse(0) != changed.version()) {
            throw Refusal.changedSince(THING, "Somebody changed it meanwhile.", "Reload the page.");
        }
        if (!changed.senderAddress().isBlank()) {
            MailAddress.require("The sender", changed.senderAddress());
        }
        if (!changed.replyTo().isBlank()) {
            MailAddress.require("The address for replies", changed.replyTo());
        }
        requirePublic(changed.publicAddress());
        mapper.keepSetting(changed, signIn, clock.instant());
        setUpVersion.changed();
        auditLog.write(signIn, "changed who writes emails and how they look", "Emails", changed.senderAddress());
    }

    private static void requirePublic(String address) {
        if (address.isBlank()) {
            return;
        }
        try {
            URI read = URI.create(address.strip());
            if (("https".equals(read.getScheme()) || "http".equals(read.getScheme())) && read.getHost() != null) {
                return;
            }
        } catch (IllegalArgumentException none) {
            // said below
        }
        throw Refusal.unusable(
                "The address for customers", "“" + address + "” is none.", "Write it like https://ship.shop.example.");
    }

    @Transactional
    public void keepLogo(byte[] bytes, String signIn) {
        String beginning = HexFormat.of().formatHex(bytes, 0, Math.min(bytes.length, LONGEST_BEGINNING));
        String mediaType = PICTURES.entrySet().stream()
                .filter(each -> beginning.startsWith(each.getKey()))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElseThrow(() ->
                        Refusal.unusable("The picture", "It is neither PNG nor JPEG.", "Save it as one of these."));
        if (bytes.length > LARGEST_LOGO) {
            throw Refusal.unusable(
                    "The picture", "It is larger than 300 kB.", "Make it smaller: 400 dots wide are enough.");
        }
        if (mapper.settingVersionLocked().isEmpty()) {
            throw Refusal.unusable("The picture", "Nobody has said who writes emails.", "Keep the sender first.");
        }
        mapper.keepLogo(bytes, mediaType);
        setUpVersion.changed();
        auditLog.write(signIn, "changed the picture in emails", "Emails", bytes.length + " bytes");
    }

    // Files ------------------------------------------------------------------------------------------------------

    List<MailFileRow> files() {
        return mapper.files();
    }

    @Transactional
    public void addFile(String name, byte[] bytes, String signIn) {
        if (bytes.length == 0 || bytes.length > LARGEST_FILE) {
            throw Refusal.unusable(
                    "File " + name,
                    bytes.length == 0 ? "It is empty." : "It is larger than 5 MB.",
                    "Many mail servers refuse more. Attach a smaller one.");
        }
        if (mapper.files().size() >= MOST_FILES) {
            throw Refusal.unusable("File " + name, "There are " + MOST_FILES + " files already.", "Remove one first.");
        }
        mapper.insertFile(new MailFileRow(0, name, ANY_FILE, bytes.length), bytes, signIn, clock.instant());
        auditLog.write(signIn, "added a file for emails", "Emails", name);
    }

    /** @throws Refusal where an email attaches it */
    @Transactional
    public void removeFile(long id, List<MailRuleDocument> rules, String signIn) {
        for (MailRuleDocument rule : rules) {
            if (rule.files().contains(id)) {
                throw Refusal.conflict(
                        "The file", "Email “" + rule.name() + "” attaches it.", "Take it off that email first.");
            }
        }
        if (mapper.deleteFile(id) > 0) {
            auditLog.write(signIn, "removed a file for emails", "Emails", "file " + id);
        }
    }

    void requireFiles(List<Long> ids) {
        Set<Long> there = files().stream().map(MailFileRow::id).collect(Collectors.toSet());
        if (!there.containsAll(ids)) {
            throw Refusal.unusable("A file", "It is not there any more.", "Choose another one.");
        }
    }

    /** @throws Refusal when one is not there any more */
    List<MailPort.Attached> attached(List<Long> ids) {
        List<MailPort.Attached> attached = new ArrayList<>();
        for (MailFileRow each : files()) {
            if (ids.contains(each.id())) {
                byte[] bytes = mapper.file(each.id()).orElseThrow().bytes();
                attached.add(new MailPort.Attached(each.name(), each.mediaType(), bytes));
            }
        }
        if (attached.size() < ids.size()) {
            throw Refusal.unusable(
                    "A file that is attached",
                    "It is not there any more.",
                    "Take it off the email, or set this aside.");
        }
        return attached;
    }
}
