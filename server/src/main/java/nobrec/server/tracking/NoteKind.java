package nobrec.server.tracking;

/** What somebody did about a package. */
enum NoteKind {
    CALL("called"),
    CLAIM("claimed"),
    CLOSED("needs nothing more");

    private final String words;

    NoteKind(String words) {
        this.words = words;
    }

    String words() {
        return words;
    }
}
