package nobrec.core.returns;

import java.time.LocalDate;

/** Where a return stands. */
public enum ReturnState {
    /** Its carrier was asked for the label and has not answered for certain. */
    ASKED,
    /** Its carrier gave no label. */
    REFUSED,
    /** The customer can send it. */
    EXPECTED,
    /** The customer says it was sent. */
    ON_THE_WAY,
    RECEIVED,
    /** Its carrier is asked to void the label; until it has answered it may come. */
    CALLING_OFF,
    /** It does not come. */
    CALLED_OFF;

    /** Whether it can be received: also one that was called off, when it comes all the same. */
    public boolean canBeReceived() {
        return this != ASKED && this != REFUSED && this != RECEIVED;
    }

    public boolean isAwaited() {
        return this == EXPECTED || this == ON_THE_WAY;
    }

    /** Whether it should have come before a day. */
    public boolean isOverdue(LocalDate due, LocalDate today) {
        return isAwaited() && due.isBefore(today);
    }
}
