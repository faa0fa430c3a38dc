package nobrec.server.writeback;

import java.util.Map;
import nobrec.core.writeback.WriteBack;
import nobrec.core.writeback.WriteBackPlan;
import nobrec.server.connection.Adapter;
import nobrec.server.connection.Connection;
import nobrec.server.connection.OutsideAnswer;

/** What we need of a system that is told what became of a job. The text of an answer is what it says it did. */
public interface WriteBackPort extends Adapter {

    /** What kind of system it speaks with, for people. */
    String label();

    /** Whether it is written by statements of the shop's. */
    default boolean takesStatements() {
        return false;
    }

    /** @throws nobrec.core.refusal.Refusal when it cannot be written by this plan */
    default void requireUsable(WriteBackPlan plan) {}

    /** Writes it; the same key writes it once. */
    OutsideAnswer<String> write(Connection connection, String key, WriteBackPlan plan, WriteBack writeBack);

    /**
     * What stands there now; changes nothing.
     *
     * @return by the field's name, those of packages and lines by {@link WriteBackBody#nameOfPart}; of one that it does not tell nothing is known
     */
    OutsideAnswer<Map<String, String>> standing(
            Connection connection, String key, WriteBackPlan plan, WriteBack writeBack);
}
