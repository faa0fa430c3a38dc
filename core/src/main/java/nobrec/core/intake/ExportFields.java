package nobrec.core.intake;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import nobrec.core.customs.DutyPayer;
import nobrec.core.customs.ExportDetails;
import nobrec.core.customs.ExportReason;
import nobrec.core.customs.Incoterm;
import nobrec.core.layout.OrderField;
import org.joda.money.CurrencyUnit;

/** Reads what a row says of the way to another country. */
final class ExportFields {

    private ExportFields() {}

    static ExportDetails read(RowCells row) {
        return new ExportDetails(
                oneOf(row, OrderField.INCOTERM, Incoterm::read, words(Incoterm.values(), Incoterm::name)),
                oneOf(
                        row,
                        OrderField.EXPORT_REASON,
                        ExportReason::read,
                        words(ExportReason.values(), ExportReason::words)),
                oneOf(row, OrderField.DUTY_PAYER, DutyPayer::read, words(DutyPayer.values(), DutyPayer::words)),
                currency(row),
                row.address(OrderField.LATIN_SHIP_TO));
    }

    private static <T> String words(T[] all, Function<T, String> word) {
        return Arrays.stream(all).map(word).collect(Collectors.joining(", "));
    }

    private static <T> Optional<T> oneOf(
            RowCells row, OrderField field, Function<String, Optional<T>> reader, String all) {
        String text = row.text(field);
        if (text.isEmpty()) {
            return Optional.empty();
        }
        Optional<T> read = reader.apply(text);
        if (read.isEmpty()) {
            row.fault(
                    field,
                    "This is not known as " + field.label().toLowerCase(Locale.ROOT) + ".",
                    "Use: " + all + "; or leave it empty.");
        }
        return read;
    }

    private static String currency(RowCells row) {
        String text = row.text(OrderField.CURRENCY).toUpperCase(Locale.ROOT);
        boolean known = text.isEmpty()
                || CurrencyUnit.registeredCurrencies().stream()
                        .anyMatch(each -> each.getCode().equals(text));
        if (!known) {
            row.fault(
                    OrderField.CURRENCY, "There is no such currency.", "Write its three letters (ISO 4217), like EUR.");
        }
        return known ? text : "";
    }
}
