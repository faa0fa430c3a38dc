package nobrec.core.intake;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import nobrec.core.address.Countries;
import nobrec.core.address.PlaceKind;
import nobrec.core.address.PostalAddress;
import nobrec.core.layout.FieldTarget;
import nobrec.core.layout.LayoutGuess;
import nobrec.core.layout.OrderField;
import nobrec.core.layout.OrderLayout;
import nobrec.core.limit.Limits;
import nobrec.core.notation.Reading;

/** Lists of places as files: written so that they read back in, and read whatever their headings are. */
public final class PlaceFile {

    private static final String KIND = "Kind";
    private static final String NOTE = "Driver Note";
    private static final List<OrderField> FIELDS = List.of(
            OrderField.COMPANY,
            OrderField.PERSON,
            OrderField.STREET,
            OrderField.STREET2,
            OrderField.CITY,
            OrderField.STATE,
            OrderField.POSTAL_CODE,
            OrderField.COUNTRY,
            OrderField.PHONE);
    private static final List<String> HEADER =
            List.of("Company", "Attn", "Street", "Street 2", "City", "State", "ZIP", "Country", "Phone", KIND, NOTE);

    /**
     * A place of a file.
     *
     * @param kind empty where the file does not say it
     * @param note for whoever drives there
     */
    public record Entry(PostalAddress address, String phone, Optional<PlaceKind> kind, String note) {}

    /**
     * @param readAs what each column that is read is taken for, in the order of the file
     * @param unread headings of the columns that are not read
     */
    public record Result(List<Entry> entries, List<RowFault> faults, Map<String, String> readAs, List<String> unread) {}

    private final List<String> header;
    private final Map<OrderField, Integer> columns = new HashMap<>();
    private final int kindColumn;
    private final int noteColumn;
    private final Map<String, String> readAs = new LinkedHashMap<>();
    private final String home;

    private PlaceFile(List<String> header, String home) {
        this.header = header;
        this.home = home;
        OrderLayout guess = LayoutGuess.of("places", header, List.of(), AllFields.AS_THEY_ARE, AllFields.USUAL);
        for (OrderField field : FIELDS) {
            int at = header.indexOf(guess.columns().getOrDefault(FieldTarget.of(field), ""));
            if (at >= 0) {
                columns.put(field, at);
                readAs.put(header.get(at), field.label());
            }
        }
        nameIsOfACompany();
        kindColumn = own(KIND);
        noteColumn = own(NOTE);
    }

    /** A column that says no more than Name is of the company where there is no other. */
    private void nameIsOfACompany() {
        Integer person = columns.get(OrderField.PERSON);
        if (person != null
                && !columns.containsKey(OrderField.COMPANY)
                && OrderLayout.plain(header.get(person)).equals("name")) {
            columns.remove(OrderField.PERSON);
            columns.put(OrderField.COMPANY, person);
            readAs.put(header.get(person), OrderField.COMPANY.label());
        }
    }

    private int own(String name) {
        for (int at = 0; at < header.size(); at++) {
            if (OrderLayout.plain(header.get(at)).equals(OrderLayout.plain(name))) {
                readAs.put(header.get(at), name);
                return at;
            }
        }
        return -1;
    }

    public static List<String> header() {
        return HEADER;
    }

    public static List<String> row(Entry entry) {
        PostalAddress address = entry.address();
        return Stream.concat(
                        address.parts().stream(),
                        Stream.of(
                                entry.phone(),
                                entry.kind().map(PlaceKind::words).orElse(""),
                                entry.note()))
                .map(SpreadsheetText::harmless)
                .toList();
    }

    /** @param home country of an address that names none */
    public static Result read(List<String> header, List<OrderReader.Row> rows, String home) {
        return new PlaceFile(header, home).read(rows);
    }

    private Result read(List<OrderReader.Row> rows) {
        List<Entry> entries = new ArrayList<>();
        List<RowFault> faults = new ArrayList<>();
        for (OrderReader.Row row : rows) {
            if (!OrderReader.isEmpty(row.cells())) {
                Optional<RowFault> tooLong = tooLong(row);
                if (tooLong.isPresent()) {
                    faults.add(tooLong.get());
                } else {
                    entry(row, faults).ifPresent(entries::add);
                }
            }
        }
        List<String> unread =
                header.stream().filter(each -> !readAs.containsKey(each)).toList();
        return new Result(entries, faults, readAs, unread);
    }

    private Optional<RowFault> tooLong(OrderReader.Row row) {
        return FIELDS.stream()
                .filter(field -> text(row, field).length() > Limits.TEXT)
                .findFirst()
                .map(field -> fault(
                        row,
                        field.label(),
                        text(row, field).substring(0, Limits.TEXT),
                        "It is longer than " + Limits.TEXT + " letters.",
                        "Shorten it."));
    }

    private Optional<Entry> entry(OrderReader.Row row, List<RowFault> faults) {
        Reading<String> country = country(text(row, OrderField.COUNTRY));
        Reading<Optional<PlaceKind>> kind = kind(cell(row, kindColumn));
        PostalAddress address = address(row, country.found().orElse(home));
        if (address.name().isEmpty()) {
            faults.add(fault(row, "Company", "", "The place has no name.", "Add a company or a person."));
        } else if (country instanceof Reading.Refused<String> refused) {
            faults.add(fault(row, "Country", text(row, OrderField.COUNTRY), refused.reason(), refused.remedy()));
        } else if (kind instanceof Reading.Refused<Optional<PlaceKind>> refused) {
            faults.add(fault(row, KIND, cell(row, kindColumn), refused.reason(), refused.remedy()));
        } else {
            return Optional.of(new Entry(
                    address,
                    text(row, OrderField.PHONE),
                    kind.found().orElse(Optional.empty()),
                    cell(row, noteColumn)));
        }
        return Optional.empty();
    }

    private PostalAddress address(OrderReader.Row row, String country) {
        return ShipToFields.read(field -> text(row, field), country);
    }

    private Reading<String> country(String text) {
        return text.isEmpty()
                ? Reading.of(home)
                : Countries.read(text)
                        .map(Reading::of)
                        .orElseGet(() -> Reading.refused(
                                "There is no country “" + text + "”.",
                                "Write its English name or its two letters (ISO 3166)."));
    }

    private static Reading<Optional<PlaceKind>> kind(String text) {
        if (text.isEmpty()) {
            return Reading.of(Optional.empty());
        }
        return Arrays.stream(PlaceKind.values())
                .filter(each ->
                        each.words().equalsIgnoreCase(text) || each.name().equalsIgnoreCase(text))
                .findFirst()
                .map(found -> Reading.of(Optional.of(found)))
                .orElseGet(() -> Reading.refused(
                        "“" + text + "” is no kind of place.",
                        "Write: "
                                + String.join(
                                        ", ",
                                        Arrays.stream(PlaceKind.values())
                                                .map(PlaceKind::words)
                                                .toList())
                                + "; or leave it empty."));
    }

    private String text(OrderReader.Row row, OrderField field) {
        return cell(row, columns.getOrDefault(field, -1));
    }

    private static String cell(OrderReader.Row row, int at) {
        return at < 0 || at >= row.cells().size()
                ? ""
                : CellText.plain(row.cells().get(at));
    }

    private static RowFault fault(OrderReader.Row row, String column, String value, String reason, String remedy) {
        return new RowFault(row.number(), column, "", value, reason, remedy);
    }
}
