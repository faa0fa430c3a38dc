package nobrec.server.account;

import java.time.Instant;

/** Tries since the last right password. A row of table sign_in_failure. */
record SignInFailure(String subject, int count, Instant lastAt) {}
