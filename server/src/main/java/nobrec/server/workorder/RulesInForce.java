package nobrec.server.workorder;

import java.time.LocalDate;
import nobrec.core.rule.RuleBook;
import nobrec.core.workorder.Ruling;
import nobrec.core.workorder.WorkOrder;

/** The house rules as they count just now. */
public interface RulesInForce {

    /**
     * @param version another one whenever they may say something else
     * @param today in the shop
     */
    record Rules(RuleBook book, int version, LocalDate today) {

        public Ruling of(WorkOrder recorded) {
            return book.of(recorded, today);
        }
    }

    Rules now();
}
