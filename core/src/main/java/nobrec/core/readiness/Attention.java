package nobrec.core.readiness;

import java.util.Optional;
import nobrec.core.layout.OrderField;

/**
 * One thing that keeps a job from going.
 *
 * @param field in which it is put right; empty where no field does it
 * @param line of the job, counted from one, that the field is of; zero for the job itself
 * @param now what stands in the field
 */
public record Attention(
        AttentionKind kind, String reason, String remedy, Optional<OrderField> field, int line, String now) {

    static Attention of(AttentionKind kind, ReadyCheck check) {
        return new Attention(kind, check.reason(), check.remedy(), Optional.empty(), 0, "");
    }

    static Attention of(AttentionKind kind, ReadyCheck check, OrderField field, String now) {
        return new Attention(kind, check.reason(), check.remedy(), Optional.of(field), 0, now);
    }

    /** Something that the record does not say. */
    public static Attention ofMark(AttentionKind kind, String reason, String remedy) {
        return new Attention(kind, reason, remedy, Optional.empty(), 0, "");
    }

    static Attention ofLine(AttentionKind kind, String reason, String remedy, OrderField field, int line, String now) {
        return new Attention(kind, reason, remedy, Optional.of(field), line, now);
    }
}
