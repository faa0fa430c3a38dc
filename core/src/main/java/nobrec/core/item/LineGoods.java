package nobrec.core.item;

import java.util.Optional;

/**
 * What carriers and customs want to know of the goods of a line.
 *
 * @param unitValueCents of one piece
 * @param hsCode of the Harmonized System; empty text when not known
 * @param origin country they were made in; empty text when not known
 * @param goodsClass when not every service takes them
 * @param freightClass when it is given and not to be found by density
 */
public record LineGoods(
        Optional<Long> unitValueCents,
        String hsCode,
        String origin,
        Optional<GoodsClass> goodsClass,
        Optional<FreightClass> freightClass) {}
