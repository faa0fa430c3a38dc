package nobrec.core.tracking;

/** What can be said of a package on its way. */
public enum TrackingEventKind {
    ACCEPTED("taken by the carrier", Track.State.ON_THE_WAY),
    MOVED("moved on", Track.State.ON_THE_WAY),
    OUT_FOR_DELIVERY("out for delivery", Track.State.OUT_FOR_DELIVERY),
    DELAYED("delayed", Track.State.EXCEPTION),
    ATTEMPTED("could not be delivered", Track.State.EXCEPTION),
    DAMAGED("damaged", Track.State.EXCEPTION),
    REFUSED("refused by the receiver", Track.State.EXCEPTION),
    LOST("lost", Track.State.EXCEPTION),
    SENT_BACK("sent back to us", Track.State.SENT_BACK),
    DELIVERED("delivered", Track.State.DELIVERED);

    private final String words;
    private final Track.State state;

    TrackingEventKind(String words, Track.State state) {
        this.words = words;
        this.state = state;
    }

    public String words() {
        return words;
    }

    /** How the package stands once this is the last that is said of it. */
    Track.State state() {
        return state;
    }

    public boolean isException() {
        return state == Track.State.EXCEPTION || state == Track.State.SENT_BACK;
    }

    /** Whether it will not arrive by itself any more. */
    boolean endsTheHope() {
        return this == DAMAGED || this == REFUSED || this == LOST || this == SENT_BACK;
    }
}
