package nobrec.core.returns;

/** Why something comes back. */
public enum ReturnReason {
    NOT_NEEDED("not needed"),
    WRONG_ITEM("not what was ordered"),
    DAMAGED("damaged on the way"),
    FAULTY("does not work"),
    REPAIR("to be repaired"),
    NOT_DELIVERED("could not be delivered"),
    OTHER("another reason");

    private final String words;

    ReturnReason(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
