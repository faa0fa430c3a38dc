package nobrec.server.audit;

import java.time.Instant;

/** Something that somebody did; a row of table audit_log. */
public record AuditEntry(Instant at, String signIn, String act, String thing, String detail) {}
