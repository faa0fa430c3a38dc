package nobrec.core.tariff;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import nobrec.core.rating.DemoRates;
import nobrec.core.rating.Tariff;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class RateSheetReaderTest {

    private static final String GOOD = """
            rate sheet,X
            first day,2026-01-01
            currency,USD
            units,lb in
            weight step,1 lb
            zones by,distance
            zones,1,2
            up to,1 lb,8.00,9.00
            up to,2 lb,8.50,9.50
            """;

    @ParameterizedTest
    @ValueSource(
            strings = {
                "plover-ground-2026.csv",
                "plover-saver-2026.csv",
                "dunlin-two-day-2026.csv",
                "dunlin-overnight-2026.csv",
                "godwit-parcel-2026.csv",
                "godwit-light-2026.csv",
                "godwit-abroad-2026.csv",
                "curlew-freight-2026.csv",
                "whimbrel-lines-2026.csv"
            })
    void whatIsWrittenReadsAsTheSame(String file) {
        Tariff sheet = DemoRates.demoSheet(file);
        SheetReading again = RateSheetReader.read(RateSheetWriter.rows(sheet));
        assertThat(again.faults()).isEmpty();
        assertThat(again.tariff()).contains(sheet);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "first day,2026-01-01|first day,2026-13-01|2|“2026-13-01” is not a day like 2026-01-05.",
                "currency,USD|currency,XXY|3|“XXY” is not a currency like USD.",
                "up to,2 lb,8.50,9.50|up to,2 lb,8.50,|9|There is no price for zone 2: a gap.",
                "up to,2 lb,8.50,9.50|up to,1 lb,8.50,9.50|9|The weight 1 lb does not rise above that of the row before: the two overlap.",
                "up to,2 lb,8.50,9.50|up to,2 lb,8.50,9.50,1.00|9|There are more prices than the 2 zones.",
                "up to,2 lb,8.50,9.50|up to,2 lb,8.5x,9.50|9|“8.5x” is not an amount like 8.54.",
                "zones by,distance|zone of,9,postal codes,995|9|Places are given for zone “9”, which has no prices.",
                "zones by,distance|zones by,distance;;surcharge,S,Sign,wanted a wave,1.00,package,,|7|“a wave” is not known here.",
                "zones by,distance|zones by,distance;;handling,1|7|No row of a rate sheet begins with “handling”.",
                "weight step,1 lb|# none|9|The sheet ends without its “weight step”."
            })
    void aFaultRefusesTheSheetWithRowAndReason(String good, String bad, int row, String reason) {
        SheetReading reading = DemoRates.read(GOOD.replace(good, bad.replace(";;", "\n")));
        assertThat(reading.tariff()).isEmpty();
        assertThat(reading.faults()).contains(SheetFault.refused(row, reason));
    }

    @Test
    void pricesThatFallAreACaution() {
        SheetReading reading = DemoRates.read(GOOD.replace("8.50,9.50", "7.50,9.50"));
        assertThat(reading.tariff()).isPresent();
        assertThat(reading.faults())
                .containsExactly(SheetFault.caution(9, "In zone 1 the price falls to 7.50 though the weight rises."));
    }

    @Test
    void freightSheetsHaveNoGapsOrOverlapsEither() {
        String head = """
                freight sheet,X
                first day,2026-01-01
                currency,USD
                zones by,distance
                greatest weight,9000 lb
                zones,1
                """;
        assertThat(DemoRates.read(head + "from,100 lb,500 lb\nrate,1,70,1.00,0.90")
                        .faults())
                .anyMatch(fault -> fault.row() == 7 && fault.reason().contains("must begin at 0"));
        assertThat(DemoRates.read(head + "from,0,500 lb\nrate,1,70,1.00").faults())
                .anyMatch(fault -> fault.row() == 8 && fault.reason().contains("a gap"));
        assertThat(DemoRates.read(head + "from,0\nrate,1,70,1.00\nrate,1,70,2.00")
                        .faults())
                .anyMatch(fault -> fault.row() == 9 && fault.reason().contains("an overlap"));
        assertThat(DemoRates.read(head + "from,0\nrate,1,71,1.00").faults())
                .anyMatch(fault -> fault.reason().equals("“71” is not a freight class."));
        assertThat(DemoRates.read(head + "from,0,500 lb\nrate,1,70,1.00,1.20").faults())
                .anyMatch(fault -> fault.caution() && fault.row() == 8);
    }

    @Test
    void aRowOfTheOtherKindOfSheetIsRefused() {
        assertThat(DemoRates.read("freight sheet,X\nweight step,1 lb").faults())
                .contains(SheetFault.refused(2, "No row of a freight sheet begins with “weight step”."));
        assertThat(DemoRates.read(GOOD + "rate,1,70,1.00").faults())
                .contains(SheetFault.refused(10, "No row of a rate sheet begins with “rate”."));
    }

    @Test
    void anEmptyFileSaysWhatIsMissing() {
        assertThat(RateSheetReader.read(List.of()).faults())
                .hasSizeGreaterThan(4)
                .noneMatch(SheetFault::caution);
    }
}
