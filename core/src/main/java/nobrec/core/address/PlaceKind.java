package nobrec.core.address;

/** What stands at an address; it decides prices and which services go there. */
public enum PlaceKind {
    BUSINESS("business"),
    RESIDENCE("residence"),
    PO_BOX("PO box");

    private final String words;

    PlaceKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
