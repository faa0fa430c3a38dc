package nobrec.server.mail;

import java.time.Instant;

/** A row of table mail_stop. */
record MailStopRow(String address, Instant stoppedAt, String stoppedBy) {}
