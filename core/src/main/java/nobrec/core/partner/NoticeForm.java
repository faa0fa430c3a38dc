package nobrec.core.partner;

/** In which form a partner is told what is on its way. */
public enum NoticeForm {
    NONE("no notice"),
    UBL("UBL 2.1 DespatchAdvice"),
    X12("X12 856, version 004010");

    private final String words;

    NoticeForm(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
