package nobrec.server.orderfile;

/** Where a file stands. */
enum ImportState {
    /** Nobody knows how it is to be read. */
    NEEDS_LAYOUT,
    /** Its work orders come in. */
    READING,
    DONE
}
