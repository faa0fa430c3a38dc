package nobrec.server.mail;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nobrec.core.mail.MailAddress;
import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.LinkSeal;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who wants no more mail. */
@Service
public class MailStops {

    private static final String PURPOSE = "no more mail";
    private static final int SHOWN = 200;

    private final MailMapper mapper;
    private final LinkSeal seal;
    private final AuditLog auditLog;
    private final Clock clock;

    MailStops(MailMapper mapper, LinkSeal seal, AuditLog auditLog, Clock clock) {
        this.mapper = mapper;
        this.seal = seal;
        this.auditLog = auditLog;
        this.clock = clock;
    }

    /** Those of some addresses that want no more, in small letters. */
    Set<String> of(Collection<MailAddress> addresses) {
        return addresses.isEmpty()
                ? Set.of()
                : new HashSet<>(mapper.stopped(
                        addresses.stream().map(MailAddress::plain).toList()));
    }

    List<MailStopRow> newest() {
        return mapper.stops(SHOWN);
    }

    /** Where a receiver says that it wants no more; nothing where customers do not reach us. */
    Optional<String> link(MailSettingRow setting, MailAddress to) {
        return setting.reachedAt().isEmpty()
                ? Optional.empty()
                : Optional.of(setting.reachedAt() + "/api/v1/events/mail-stops?to="
                        + URLEncoder.encode(to.plain(), StandardCharsets.UTF_8) + "&seal="
                        + seal.of(PURPOSE, to.plain()));
    }

    /** @throws Refusal where the link is not ours */
    MailAddress required(String to, String given) {
        if (!seal.fits(PURPOSE, to, given)) {
            throw Refusal.notFound("This link", "It is not whole. Use it as it stands in the mail.");
        }
        return MailAddress.require("The address", to);
    }

    @Transactional
    public void stop(MailAddress address, String signIn) {
        mapper.stop(address.plain(), clock.instant(), signIn);
        auditLog.write(signIn, "wrote down that somebody wants no more mail", "Emails", address.plain());
    }

    @Transactional
    public void unstop(String address, String signIn) {
        if (mapper.unstop(MailAddress.require("The address", address).plain()) > 0) {
            auditLog.write(signIn, "wrote down that somebody wants mail again", "Emails", address);
        }
    }
}
