package nobrec.server.document.slip;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import nobrec.core.paper.SlipBlock;
import nobrec.core.paper.SlipColumn;
import nobrec.core.paper.SlipDesign;
import nobrec.core.paper.SlipWords;
import nobrec.server.document.page.Barcode;
import nobrec.server.document.page.SheetStyle;

/** What a template can name: the texts of a slip, and the design's blocks and columns filled with them. */
final class SlipFields {

    /** Names that hold markup of ours and stand in three braces. */
    static final List<String> MARKUP = List.of("logo", "barcode", "drawing");

    /** Of a label printer's dots, 203 to the inch. */
    private static final double DOT_MILLIMETERS = 25.4 / 203;

    private static final int MOST_DOTS = 3;
    private static final int BESIDE_MILLIMETERS = 4;

    /** Millimeters of the bars' height. */
    private static final int BARS = 14;

    private static final int NARROW_BARS = 10;
    private static final int PERCENT = 100;

    private final SlipText slip;
    private final SlipDesign design;
    private final String logo;
    private final List<SlipColumn> columns;

    private SlipFields(SlipText slip, SlipDesignDocument document) {
        this.slip = slip;
        this.design = document.design();
        this.logo = document.logo().map(LogoMarkup::of).orElse("");
        this.columns = design.columns().stream().filter(this::isPrinted).toList();
    }

    static Map<String, Object> of(SlipText slip, SlipDesignDocument document) {
        return new SlipFields(slip, document).all();
    }

    private Map<String, Object> all() {
        Map<String, Object> all = new HashMap<>();
        all.put("from", slip.from());
        all.put("fromPhone", slip.fromPhone());
        all.put("to", slip.to());
        all.put("billTo", slip.billTo());
        all.put("job", slip.job());
        all.put("allJobs", slip.allJobs());
        all.put("customer", slip.customer());
        all.put("customerPo", slip.customerPo());
        all.put("references", slip.references());
        all.put("notes", lines(slip.notes()));
        all.put("service", slip.service());
        all.put("shipDate", slip.shipDate());
        all.put("total", total());
        all.put("fields", facts(slip.fields()));
        all.put("logo", logo);
        all.put("barcode", barcode());
        all.put("narrow", design.sheet().isNarrow());
        all.put("columns", columns.stream().map(this::heading).toList());
        all.put("packages", slip.packages().stream().map(this::packageOf).toList());
        all.put(
                "stillToCome",
                slip.stillToCome().stream()
                        .map(each -> Map.of(
                                "item", each.item(), "description", each.description(), "quantity", each.quantity()))
                        .toList());
        all.put(
                "rows",
                design.rows().stream()
                        .map(this::row)
                        .filter(row -> !row.isEmpty())
                        .map(SlipFields::cells)
                        .toList());
        return all;
    }

    /** Only under a column of amounts, and where it is known. */
    private String total() {
        boolean amounts = columns.stream().anyMatch(column -> column.kind() == SlipColumn.Kind.AMOUNT);
        return amounts && !slip.total().isEmpty() ? slip.total() + " " + slip.currency() : "";
    }

    /** Prices only where the job lets them be printed, lots only where there are some. */
    private boolean isPrinted(SlipColumn column) {
        return switch (column.kind()) {
            case UNIT_PRICE, AMOUNT -> slip.withPrices();
            case LOTS -> anyLine(line -> !line.lots().isEmpty());
            default -> true;
        };
    }

    private boolean anyLine(Predicate<SlipText.LineText> test) {
        return slip.packages().stream().anyMatch(each -> each.lines().stream().anyMatch(test));
    }

    private Map<String, Object> heading(SlipColumn column) {
        return Map.of(
                "title", column.kind().isPrice() ? column.heading() + ", " + slip.currency() : column.heading(),
                "side", column.kind().isFigure() ? "right" : "",
                "wide", width(column));
    }

    /** The description takes what the others leave. */
    private String width(SlipColumn column) {
        int percent = switch (column.kind()) {
            case DESCRIPTION -> 0;
            case ITEM -> 16;
            case FIELD -> 12;
            case LOTS -> 14;
            case UNIT_WEIGHT, UNIT_PRICE, AMOUNT -> 11;
            default -> 9;
        };
        int scaled = design.sheet().isNarrow() ? percent * 3 / 2 : percent;
        return percent == 0 ? "" : "width: " + scaled + "%";
    }

    private Map<String, Object> packageOf(SlipText.PackageText packed) {
        return Map.of(
                "number", packed.number(),
                "pieces", packed.pieces(),
                "weight", packed.weight(),
                "trackingNumber", packed.trackingNumber(),
                "lines", packed.lines().stream().map(this::lineOf).toList(),
                "drawing", LayerDrawing.svg(packed.drawing(), SheetStyle.roomInMillimeters(design.sheet())),
                "drawn", !packed.drawing().layers().isEmpty(),
                "underLines",
                        design.drawsUnderLines() && !packed.drawing().layers().isEmpty());
    }

    private Map<String, Object> lineOf(SlipText.LineText line) {
        return Map.of(
                "item", line.item(),
                "description", line.description(),
                "handling", line.handling(),
                "lots", line.lots(),
                "quantity", line.quantity(),
                "ordered", line.ordered(),
                "toCome", line.toCome(),
                "workOrder", line.job(),
                "cells", columns.stream().map(column -> cell(column, line)).toList());
    }

    private Map<String, Object> cell(SlipColumn column, SlipText.LineText line) {
        boolean told = column.kind() == SlipColumn.Kind.DESCRIPTION;
        return Map.of(
                "text", text(column, line),
                "side", column.kind().isFigure() ? "figure right" : isCode(column) ? "figure" : "",
                "under", told ? line.handling() : "",
                "of", told && !line.job().isEmpty() ? line.job() : "",
                "check", column.kind() == SlipColumn.Kind.CHECKED);
    }

    private static boolean isCode(SlipColumn column) {
        return column.kind() == SlipColumn.Kind.ITEM || column.kind() == SlipColumn.Kind.LOTS;
    }

    private static String text(SlipColumn column, SlipText.LineText line) {
        return switch (column.kind()) {
            case ITEM -> line.item();
            case DESCRIPTION -> line.description();
            case LOTS -> line.lots();
            case QUANTITY -> String.valueOf(line.quantity());
            case ORDERED -> String.valueOf(line.ordered());
            case STILL_TO_COME -> String.valueOf(line.toCome());
            case UNIT_WEIGHT -> line.weight();
            case UNIT_PRICE -> line.price();
            case AMOUNT -> line.amount();
            case CHECKED -> "";
            case FIELD -> named(line.custom(), column.field());
        };
    }

    /** Names of fields are compared whatever their letter case. */
    private static String named(Map<String, String> values, String name) {
        return values.entrySet().stream()
                .filter(each -> each.getKey().equalsIgnoreCase(name))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse("");
    }

    private List<Map<String, Object>> row(List<SlipBlock> blocks) {
        return blocks.stream().map(this::block).flatMap(Optional::stream).toList();
    }

    private static Map<String, Object> cells(List<Map<String, Object>> row) {
        return Map.of("cells", row, "each", PERCENT / row.size(), "alone", row.size() == 1);
    }

    /** Empty where the job has nothing for it. */
    private Optional<Map<String, Object>> block(SlipBlock block) {
        return switch (block.kind()) {
            case LOGO -> logo.isEmpty() ? Optional.empty() : filled(block, "isLogo", List.of(), List.of());
            case BARCODE -> barcode().isEmpty() ? Optional.empty() : filled(block, "isBarcode", List.of(), List.of());
            case TITLE -> filled(block, "isTitle", List.of(), List.of());
            case LINES -> filled(block, "isPackages", List.of(), List.of());
            case DRAWING ->
                design.drawsUnderLines()
                                || slip.packages().stream()
                                        .allMatch(
                                                each -> each.drawing().layers().isEmpty())
                        ? Optional.empty()
                        : filled(block, "isDrawings", List.of(), List.of());
            case STILL_TO_COME ->
                slip.stillToCome().isEmpty() ? Optional.empty() : filled(block, "isStillToCome", List.of(), List.of());
            case REFERENCES -> facts(block, references());
            case FIELDS -> facts(block, chosenFields(block.text()));
            case LETTERHEAD -> words(block, block.text().isEmpty() ? letterhead() : lines(block.text()));
            case SHIP_TO -> words(block, slip.to());
            case BILL_TO -> words(block, slip.billTo());
            case NOTES -> words(block, lines(slip.notes()));
            case MESSAGE, TERMS -> words(block, lines(SlipWords.filled(block.text(), this::gap)));
        };
    }

    private List<String> letterhead() {
        return Stream.concat(slip.from().stream(), Stream.of(slip.fromPhone()))
                .filter(each -> !each.isEmpty())
                .toList();
    }

    private String gap(String name) {
        return named(slip.words(), name);
    }

    private Optional<Map<String, Object>> words(SlipBlock block, List<String> words) {
        return words.isEmpty() ? Optional.empty() : filled(block, "isWords", words, List.of());
    }

    private Optional<Map<String, Object>> facts(SlipBlock block, List<SlipText.Field> facts) {
        return facts.isEmpty() ? Optional.empty() : filled(block, "isFacts", List.of(), facts(facts));
    }

    private static Optional<Map<String, Object>> filled(
            SlipBlock block, String kind, List<String> words, List<Map<String, Object>> facts) {
        Map<String, Object> cell = new HashMap<>();
        for (String each : List.of(
                "isLogo", "isBarcode", "isTitle", "isPackages", "isDrawings", "isStillToCome", "isWords", "isFacts")) {
            cell.put(each, each.equals(kind));
        }
        cell.put("heading", block.heading());
        cell.put("words", words);
        cell.put("facts", facts);
        cell.put("name", block.kind().name().toLowerCase(Locale.ROOT).replace('_', '-'));
        return Optional.of(cell);
    }

    private static List<Map<String, Object>> facts(List<SlipText.Field> fields) {
        return fields.stream()
                .map(field -> Map.<String, Object>of("label", field.name(), "value", field.value()))
                .toList();
    }

    private List<SlipText.Field> references() {
        List<SlipText.Field> facts = new ArrayList<>();
        facts.add(new SlipText.Field("Work order", slip.allJobs().isEmpty() ? slip.job() : slip.allJobs()));
        facts.add(new SlipText.Field("PO", slip.customerPo()));
        facts.add(new SlipText.Field("Reference", String.join(" · ", slip.references())));
        facts.add(new SlipText.Field("Shipped", slip.shipDate()));
        facts.add(new SlipText.Field("By", slip.service()));
        facts.removeIf(fact -> fact.value().isEmpty());
        return facts;
    }

    private List<SlipText.Field> chosenFields(String names) {
        List<String> chosen = Arrays.stream(names.split(","))
                .map(String::strip)
                .filter(each -> !each.isEmpty())
                .toList();
        if (chosen.isEmpty()) {
            return slip.fields();
        }
        return chosen.stream()
                .flatMap(name -> slip.fields().stream()
                        .filter(field -> field.name().equalsIgnoreCase(name))
                        .limit(1))
                .toList();
    }

    private String barcode() {
        return Barcode.canHold(slip.job())
                ? Barcode.svg(slip.job(), moduleMillimeters(), design.sheet().isNarrow() ? NARROW_BARS : BARS)
                : "";
    }

    /** As many whole dots of a label printer as there is room for where the barcode stands. */
    private double moduleMillimeters() {
        int beside = design.rows().stream()
                .filter(row -> row.stream().anyMatch(block -> block.kind() == SlipBlock.Kind.BARCODE))
                .mapToInt(List::size)
                .findFirst()
                .orElse(1);
        double room = (double) SheetStyle.roomInMillimeters(design.sheet()) / beside - BESIDE_MILLIMETERS;
        double modules = Barcode.code128(slip.job()).modules() + 2.0 * Barcode.QUIET_MODULES;
        int dots = (int) Math.floor(room / modules / DOT_MILLIMETERS);
        return Math.max(1, Math.min(MOST_DOTS, dots)) * DOT_MILLIMETERS;
    }

    private static List<String> lines(String text) {
        return text.isBlank() ? List.of() : text.strip().lines().toList();
    }
}
