package nobrec.core.item;

/**
 * How a piece wants to be packed.
 *
 * @param thisSideUp it may be turned only about its upright axis
 * @param nothingOnTop no other piece may lie over it
 * @param alone it shares its package with no other piece
 */
public record Handling(boolean thisSideUp, boolean nothingOnTop, boolean alone) {

    public static final Handling ANY = new Handling(false, false, false);
}
