package nobrec.server.source.file;

/** Some bytes of a kept file. */
@SuppressWarnings("ArrayRecordComponent")
record FilePart(byte[] bytes) {}
