package nobrec.server.mail;

/** Bytes as they are kept. */
record MailBytes(byte[] bytes) {}
