package nobrec.server.badge;

import java.security.SecureRandom;
import java.time.Clock;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import nobrec.core.refusal.Refusal;
import nobrec.server.account.Accounts;
import nobrec.server.account.AppUser;
import nobrec.server.audit.AuditLog;
import nobrec.server.document.BarcodeCards;
import nobrec.server.platform.Fingerprint;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A badge is a secret that stands on a card as a barcode; here only its fingerprint is kept. */
@Service
class Badges {

    /** The page knows it too: no scan that begins so is looked for. */
    private static final String PREFIX = "NOBREC-BADGE-";

    private static final int SECRET_BYTES = 10;

    private final BadgeMapper mapper;
    private final Accounts accounts;
    private final BarcodeCards cards;
    private final AuditLog auditLog;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    Badges(BadgeMapper mapper, Accounts accounts, BarcodeCards cards, AuditLog auditLog, Clock clock) {
        this.mapper = mapper;
        this.accounts = accounts;
        this.cards = cards;
        this.auditLog = auditLog;
        this.clock = clock;
    }

    /**
     * @param desk who has signed in where it was scanned
     * @throws Refusal when it is nobody's, or of somebody who may not sign in any more
     */
    @Transactional
    String signInOf(String text, String desk) {
        String signIn = mapper.signInOf(Fingerprint.of(text.strip().toUpperCase(Locale.ROOT)))
                .filter(each -> accounts.roleOf(each).isPresent())
                .orElseThrow(() -> Refusal.unusable(
                        "This badge",
                        "It is nobody's, or was replaced by a new one.",
                        "Print a new one at your own desk."));
        auditLog.write(signIn, "scanned a badge", "Desk of " + desk, "");
        return signIn;
    }

    @Transactional
    byte[] card(String signIn) {
        byte[] secret = new byte[SECRET_BYTES];
        random.nextBytes(secret);
        String text = PREFIX + HexFormat.of().withUpperCase().formatHex(secret);
        mapper.keep(signIn, Fingerprint.of(text), clock.instant());
        auditLog.write(signIn, "printed a badge", "Person " + signIn, "");
        String name = accounts.find(signIn).map(AppUser::displayName).orElse(signIn);
        return cards.print("A badge", "Badge", List.of(new BarcodeCards.Entry(name, "Says whose acts follow.", text)));
    }
}
