package nobrec.core.layout;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.WeightUnit;
import nobrec.core.notation.DayText;
import nobrec.core.notation.DecimalMark;
import nobrec.core.wordbook.KnownWords;
import org.junit.jupiter.api.Test;

/** Twenty headings of made-up shops (headings.txt), and how many of their columns are guessed right. */
class LayoutGuessTest {

    private static final LayoutNotation USUAL =
            new LayoutNotation(DayText.Order.MONTH_FIRST, WeightUnit.POUND, LengthUnit.INCH, DecimalMark.POINT, "US");
    private static final KnownWords WORDS = new KnownWords(
            List.of(word("Plover Ground"), word("Dunlin Two Day"), word("Godwit Light"), word("Curlew Standard")),
            List.of(word("BOX-1")),
            List.of(word("MAIN")),
            List.of());

    private record Shop(String name, List<String> header, List<List<String>> rows, List<String> fields) {}

    private static KnownWords.Word word(String word) {
        return new KnownWords.Word(word, List.of(word));
    }

    private static List<Shop> shops() {
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                Objects.requireNonNull(LayoutGuessTest.class.getResourceAsStream("headings.txt")),
                StandardCharsets.UTF_8))) {
            String all = lines.lines().filter(line -> !line.startsWith("#")).collect(Collectors.joining("\n"));
            return Arrays.stream(all.split("== "))
                    .filter(block -> !block.isBlank())
                    .map(LayoutGuessTest::shop)
                    .toList();
        } catch (IOException failed) {
            throw new AssertionError(failed);
        }
    }

    private static Shop shop(String block) {
        List<String> lines = List.of(block.strip().split("\n"));
        String separator = lines.get(1).contains("\t") ? "\t" : lines.get(1).contains(";") ? ";" : ",";
        List<List<String>> rows = lines.subList(2, lines.size() - 1).stream()
                .map(line -> List.of(line.split(separator, -1)))
                .toList();
        return new Shop(
                lines.get(0),
                List.of(lines.get(1).split(separator, -1)),
                rows,
                List.of(lines.get(lines.size() - 1).split(",")));
    }

    private static OrderLayout guess(Shop shop) {
        return LayoutGuess.of(shop.name(), shop.header(), shop.rows(), WORDS, USUAL);
    }

    private static List<String> fieldsOf(Shop shop, OrderLayout layout) {
        Map<String, String> byHeading = layout.columns().entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getValue,
                        each -> each.getKey().field()
                                + (layout.shape() == RowShape.ORDER_A_ROW
                                                && each.getKey().line() > 0
                                        ? ":" + each.getKey().line()
                                        : "")));
        return shop.header().stream()
                .map(each -> byHeading.getOrDefault(each, "-"))
                .toList();
    }

    @Test
    void nineteenOfTwentyColumnsAreGuessedRight() {
        int all = 0;
        int right = 0;
        List<String> wrong = new ArrayList<>();
        for (Shop shop : shops()) {
            List<String> guessed = fieldsOf(shop, guess(shop));
            assertThat(shop.fields()).as(shop.name()).hasSameSizeAs(shop.header());
            for (int at = 0; at < guessed.size(); at++) {
                all++;
                if (guessed.get(at).equals(shop.fields().get(at))) {
                    right++;
                } else {
                    wrong.add(shop.name() + ": " + shop.header().get(at) + " is " + guessed.get(at));
                }
            }
        }
        assertThat(shops()).hasSize(20);
        System.out.println("Guessed right: " + right + " of " + all + " columns. Not: " + wrong);
        assertThat(right * 20).as("wrong: %s", wrong).isGreaterThanOrEqualTo(all * 19);
    }

    @Test
    void theNotationIsReadFromHeadingsAndCells() {
        Map<String, LayoutNotation> notations = shops().stream()
                .collect(Collectors.toMap(Shop::name, shop -> guess(shop).notation()));
        LayoutNotation kilograms = notations.get("Tilden Gear");
        assertThat(kilograms.weightUnit()).isEqualTo(WeightUnit.KILOGRAM);
        assertThat(kilograms.decimals()).isEqualTo(DecimalMark.COMMA);
        assertThat(notations.get("Copper Fork Repair").days()).isEqualTo(DayText.Order.DAY_FIRST);
        assertThat(notations.get("North Quarry Tool").lengthUnit()).isEqualTo(LengthUnit.MILLIMETER);
        assertThat(notations.get("North Quarry Tool").weightUnit()).isEqualTo(WeightUnit.GRAM);
    }

    @Test
    void aHeadingThatEndsAsAUnitWouldIsStillKnown() {
        OrderLayout layout =
                guess(new Shop("Made in", List.of("Job", "Made In"), List.of(List.of("1", "US")), List.of()));
        assertThat(fieldsOf(new Shop("", List.of("Job", "Made In"), List.of(), List.of()), layout))
                .containsExactly("ORDER_NUMBER", "ORIGIN");
    }
}
