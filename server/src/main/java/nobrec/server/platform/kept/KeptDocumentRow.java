package nobrec.server.platform.kept;

/**
 * A row of table kept_document.
 *
 * @param definition JSON
 */
record KeptDocumentRow(int version, String definition) {}
