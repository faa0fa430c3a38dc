package nobrec.server.mail;

import java.util.List;
import java.util.Set;
import nobrec.server.document.PaperKind;

/**
 * A mail as it is kept in the outbox: what it says is what was known at its moment; how it looks, and what is attached, is looked up when
 * it is sent.
 *
 * @param rule by whose name it is written
 * @param colleagues whether it is a note to colleagues
 */
record MailRequest(
        String rule,
        String to,
        String subject,
        String text,
        boolean colleagues,
        Set<PaperKind> papers,
        List<Long> files) {}
