package nobrec.core.address;

/** What stands at an address; it decides prices and which services go there. */
public enum PlaceKind {
    BUSINESS("business"),
    RESIDENCE("residence"),
    PO_BOX("PO box"),
    MILITARY("military mail"),
    /** Far from where carriers go every day. */
    REMOTE("remote area"),
    /** A school, a site, a prison: whoever delivers there cannot just drive up. */
    LIMITED_ACCESS("limited access");

    private final String words;

    PlaceKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
