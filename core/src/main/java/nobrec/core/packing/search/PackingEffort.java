package nobrec.core.packing.search;

import java.util.function.BooleanSupplier;

/**
 * How long a plan may be thought about. Counted in pieces laid on trial, so that the same order gives the same plan on any
 * machine; a caller with a clock may end it earlier. What is best by then is the plan.
 */
public final class PackingEffort {

    /** The clock is asked once in so many trials. */
    private static final int ASK_EVERY = 64;

    /** However many trials are allowed: so many places for pieces are looked at in one search. */
    private static final int MAX_PLACES = 250_000;

    private static final int TRIALS_AT_LEAST = 200;
    private static final int TRIALS_A_PIECE = 16;

    private final BooleanSupplier outOfTime;
    private final int trialsAtLeast;
    private final int trialsAPiece;
    private int left;
    private int placesLeft;
    private boolean ended;
    private boolean cutShort;

    private PackingEffort(int trialsAtLeast, int trialsAPiece, BooleanSupplier outOfTime) {
        this.trialsAtLeast = trialsAtLeast;
        this.trialsAPiece = trialsAPiece;
        this.outOfTime = outOfTime;
    }

    /** As much as a plan needs while a person waits: more for more pieces. */
    public static PackingEffort whileSomebodyWaits(BooleanSupplier outOfTime) {
        return new PackingEffort(TRIALS_AT_LEAST, TRIALS_A_PIECE, outOfTime);
    }

    public static PackingEffort ofTrials(int trials) {
        return new PackingEffort(trials, 0, () -> false);
    }

    /** A new search begins, with the same number of trials as the one before it but no more time. */
    public void begin(int pieces) {
        left = trialsAtLeast + trialsAPiece * pieces;
        placesLeft = MAX_PLACES;
        ended = isOutOfTime();
    }

    /** One more piece is laid on trial. */
    void spend() {
        spend(0);
    }

    /** @param places how many were looked at for it */
    void spend(int places) {
        left--;
        placesLeft -= places;
        if (left <= 0 || placesLeft <= 0 || (left % ASK_EVERY == 0 && isOutOfTime())) {
            ended = true;
        }
    }

    private boolean isOutOfTime() {
        cutShort |= outOfTime.getAsBoolean();
        return cutShort;
    }

    /** Whether the clock ended it before all was tried that a plan is worth: another plan may be better. */
    public boolean wasCutShort() {
        return cutShort;
    }

    boolean isSpent() {
        return ended;
    }
}
