package nobrec.core.service;

/** What may be requested beyond plain carriage. */
public enum Accessorial {
    SIGNATURE("signature"),
    ADULT_SIGNATURE("adult signature"),
    SATURDAY_DELIVERY("Saturday delivery"),
    RETURN_LABEL("return label"),
    DECLARED_VALUE("declared value"),
    LIFTGATE("liftgate"),
    LIMITED_ACCESS("limited access"),
    APPOINTMENT("appointment"),
    INSIDE_DELIVERY("inside delivery");

    private final String words;

    Accessorial(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
