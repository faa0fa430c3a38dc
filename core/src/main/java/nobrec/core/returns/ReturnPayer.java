package nobrec.core.returns;

/** Who pays the way back. */
public enum ReturnPayer {
    SHOP("we pay"),
    /** It comes onto the customer's invoice by the charge rules. */
    CUSTOMER("the customer pays");

    private final String words;

    ReturnPayer(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
