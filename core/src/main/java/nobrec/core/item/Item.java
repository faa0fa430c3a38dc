package nobrec.core.item;

import java.util.Optional;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;

/**
 * A thing the shop makes, sells or services again and again.
 *
 * @param unitWeight of one piece
 * @param unitSize of one piece
 * @param shelf where it lies; empty text when not known
 * @param barcode on the piece itself; empty text for none
 */
public record Item(
        String number,
        String description,
        Optional<Weight> unitWeight,
        Optional<Size> unitSize,
        Handling handling,
        LineGoods goods,
        String shelf,
        String barcode) {

    public Item weighing(Weight weight) {
        return new Item(number, description, Optional.of(weight), unitSize, handling, goods, shelf, barcode);
    }

    /** What a line says to customs, where it says something. */
    public Item declaredAs(LineGoods said) {
        LineGoods declared = new LineGoods(
                said.unitValueCents().or(() -> goods.unitValueCents()),
                said(said.hsCode(), goods.hsCode()),
                said(said.origin(), goods.origin()),
                goods.goodsClass(),
                goods.freightClass(),
                said(said.customsDescription(), goods.customsDescription()));
        return new Item(number, description, unitWeight, unitSize, handling, declared, shelf, barcode);
    }

    /** This, and what it does not say as another one says it. */
    public Item orElse(Item other) {
        return new Item(
                number,
                said(description, other.description),
                unitWeight.or(other::unitWeight),
                unitSize.or(other::unitSize),
                handling.equals(Handling.ANY) ? other.handling : handling,
                new LineGoods(
                        goods.unitValueCents().or(() -> other.goods.unitValueCents()),
                        said(goods.hsCode(), other.goods.hsCode()),
                        said(goods.origin(), other.goods.origin()),
                        goods.goodsClass().or(() -> other.goods.goodsClass()),
                        goods.freightClass().or(() -> other.goods.freightClass()),
                        said(goods.customsDescription(), other.goods.customsDescription())),
                said(shelf, other.shelf),
                said(barcode, other.barcode));
    }

    private static String said(String text, String other) {
        return text.isEmpty() ? other : text;
    }
}
