package nobrec.core.customs;

/**
 * What is missing or cannot be right.
 *
 * @param stops else it is a caution
 * @param what it is in few words: {@code the HS code of SK-2}
 */
public record CustomsProblem(boolean stops, CustomsFact fact, String what, String reason, String remedy) {

    public static CustomsProblem stop(CustomsFact fact, String what, String reason, String remedy) {
        return new CustomsProblem(true, fact, what, reason, remedy);
    }

    public static CustomsProblem caution(CustomsFact fact, String what, String reason, String remedy) {
        return new CustomsProblem(false, fact, what, reason, remedy);
    }
}
