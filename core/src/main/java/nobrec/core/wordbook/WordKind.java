package nobrec.core.wordbook;

/** What a source's word stands for. */
public enum WordKind {
    SERVICE("service"),
    PACKAGE("package"),
    COUNTRY("country"),
    TERMS("freight terms"),
    UNIT("unit"),
    STATUS("status"),
    SITE("site"),
    SYSTEM("record system");

    private final String label;

    WordKind(String label) {
        this.label = label;
    }

    /** As people call it. */
    public String label() {
        return label;
    }
}
