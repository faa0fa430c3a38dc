package nobrec.server.mail;

/** A row of table mail_file, without its bytes. */
record MailFileRow(long id, String name, String mediaType, int size) {}
