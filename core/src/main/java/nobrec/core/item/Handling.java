package nobrec.core.item;

import java.util.ArrayList;
import java.util.List;

/**
 * How a piece wants to be packed.
 *
 * @param thisSideUp it may be turned only about its upright axis
 * @param nothingOnTop no other piece may lie over it
 * @param alone it shares its package with no other piece
 */
public record Handling(boolean thisSideUp, boolean nothingOnTop, boolean alone) {

    public static final Handling ANY = new Handling(false, false, false);

    /** As a packer reads it; empty for a piece that may be packed in any way. */
    public List<String> words() {
        List<String> words = new ArrayList<>();
        if (thisSideUp) {
            words.add("this side up");
        }
        if (nothingOnTop) {
            words.add("nothing on top");
        }
        if (alone) {
            words.add("alone");
        }
        return words;
    }
}
