package nobrec.core.item;

/** Goods that not every service takes. */
public enum GoodsClass {
    LIMITED_QUANTITY("dangerous goods in limited quantity"),
    DANGEROUS("dangerous goods"),
    FRAGILE("fragile goods");

    private final String words;

    GoodsClass(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
