package nobrec.core.readiness;

/**
 * One thing that must be right before shipping.
 *
 * @param subject what is looked at, in a word
 * @param reason what was found
 * @param remedy what to do; empty when it is fine
 * @param correctedIn the field in which it can be put right in place
 */
public record ReadyCheck(Subject subject, Verdict verdict, String reason, String remedy, CorrectedIn correctedIn) {

    /** What is looked at. */
    public enum Subject {
        ADDRESS,
        PHONE,
        HOLD,
        WORDS,
        CONTENTS,
        WEIGHT,
        SERVICE,
        ACCOUNT,
        PAPERS,
        PROMISE,
        PAYMENT,
        REQUEST,
        CUSTOMS,
        PARTNER
    }

    /** A caution is said and does not hinder; a stop must be corrected first. */
    public enum Verdict {
        FINE,
        CAUTION,
        STOP
    }

    /** Where it is put right. */
    public enum CorrectedIn {
        NOWHERE,
        ADDRESS,
        PHONE,
        WEIGHT,
        SERVICE,
        ACCOUNT,
        RECORD,
        WORDBOOK,
        READY_PIECES,
        REQUEST,
        PAYMENT,
        CONTENTS_SCAN,
        CUSTOMS,
        LATIN_SHIP_TO,
        JOB_PAGE
    }

    static ReadyCheck fine(Subject subject, String reason) {
        return new ReadyCheck(subject, Verdict.FINE, reason, "", CorrectedIn.NOWHERE);
    }

    static ReadyCheck caution(Subject subject, String reason, String remedy, CorrectedIn correctedIn) {
        return new ReadyCheck(subject, Verdict.CAUTION, reason, remedy, correctedIn);
    }

    static ReadyCheck stop(Subject subject, String reason, String remedy, CorrectedIn correctedIn) {
        return new ReadyCheck(subject, Verdict.STOP, reason, remedy, correctedIn);
    }
}
