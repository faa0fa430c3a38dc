package nobrec.server.returns;

import java.util.List;
import nobrec.core.returns.ReturnState;

/** Which returns are looked at. */
enum ReturnLook {
    EXPECTED(false, ReturnState.ASKED, ReturnState.EXPECTED, ReturnState.CALLING_OFF),
    ON_THE_WAY(false, ReturnState.ON_THE_WAY),
    /** Awaited, and should have come by now. */
    OVERDUE(true, ReturnState.EXPECTED, ReturnState.ON_THE_WAY),
    RECEIVED(false, ReturnState.RECEIVED),
    /** They did not come, or had no label. */
    NOT_USED(false, ReturnState.CALLED_OFF, ReturnState.REFUSED);

    private final boolean overdue;
    private final List<ReturnState> states;

    ReturnLook(boolean overdue, ReturnState... states) {
        this.overdue = overdue;
        this.states = List.of(states);
    }

    boolean isOverdue() {
        return overdue;
    }

    List<ReturnState> states() {
        return states;
    }
}
