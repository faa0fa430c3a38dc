package nobrec.server.carrier;

import java.util.List;
import nobrec.core.declaration.CustomsDeclaration;

/**
 * What a carrier is told of goods that leave the country: the same as the papers say.
 *
 * @param incoterm three letters
 * @param currency three letters, in which values are
 */
public record DeclaredGoods(String incoterm, String reason, String dutyPayer, String currency, List<Item> items) {

    /**
     * Pieces of one line in one package.
     *
     * @param origin two letters
     * @param value of all of them
     */
    public record Item(
            int packageNumber,
            String description,
            String hsCode,
            String origin,
            int quantity,
            String value,
            long netGrams) {}

    public static DeclaredGoods of(CustomsDeclaration declared) {
        return new DeclaredGoods(
                declared.terms().incoterm().name(),
                declared.terms().reason().name(),
                declared.terms().dutyPayer().name(),
                declared.terms().currency(),
                declared.packages().stream()
                        .flatMap(packed -> packed.lines().stream()
                                .map(line -> new Item(
                                        packed.number(),
                                        line.description(),
                                        line.hsCode(),
                                        line.origin(),
                                        line.quantity(),
                                        line.value().getAmount().toPlainString(),
                                        line.netGrams())))
                        .toList());
    }
}
