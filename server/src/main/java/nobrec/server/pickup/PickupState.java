package nobrec.server.pickup;

/** Where a pickup that was asked for stands. */
public enum PickupState {
    /** The carrier was asked and has not answered for certain. */
    ASKED,
    CONFIRMED,
    REFUSED,
    /** It is being called off; until the carrier has answered it may come. */
    CALLING_OFF,
    CALLED_OFF;

    /** Whether a driver may come. */
    public boolean mayCome() {
        return this == ASKED || this == CONFIRMED || this == CALLING_OFF;
    }
}
