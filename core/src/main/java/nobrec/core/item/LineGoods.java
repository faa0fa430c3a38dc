package nobrec.core.item;

import java.util.Objects;
import java.util.Optional;

/**
 * What carriers and customs want to know of the goods of a line.
 *
 * @param unitValueCents of one piece
 * @param hsCode of the Harmonized System; empty text when not known
 * @param origin country they were made in; empty text when not known
 * @param goodsClass when not every service takes them
 * @param freightClass when it is given and not to be found by density
 * @param customsDescription what customs is told that they are; empty text where the usual description will do
 */
public record LineGoods(
        Optional<Long> unitValueCents,
        String hsCode,
        String origin,
        Optional<GoodsClass> goodsClass,
        Optional<FreightClass> freightClass,
        String customsDescription) {

    /** Nothing is known of them. */
    public static final LineGoods UNKNOWN =
            new LineGoods(Optional.empty(), "", "", Optional.empty(), Optional.empty(), "");

    /** What was kept before there was one has no description for customs. */
    public LineGoods {
        customsDescription = Objects.requireNonNullElse(customsDescription, "");
    }
}
