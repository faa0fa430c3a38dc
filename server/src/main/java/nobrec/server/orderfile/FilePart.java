package nobrec.server.orderfile;

/** Some bytes of a kept file. */
@SuppressWarnings("ArrayRecordComponent")
record FilePart(byte[] bytes) {}
