package nobrec.core.ratesheet.file;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import nobrec.core.notation.DecimalMark;
import nobrec.core.ratesheet.Tariff;
import nobrec.core.rating.DemoRates;
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
        SheetReading again = RateSheetReader.read(RateSheetWriter.rows(sheet), DecimalMark.POINT);
        assertThat(again.faults()).isEmpty();
        assertThat(again.tariff()).contains(sheet);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "first day,2026-01-01|first day,2026-13-01|2|There is no such day. Write month/day/year, like 12/03/2026, or 2026-12-03.",
                "currency,USD|currency,XXY|3|“XXY” is not a currency like USD.",
                "up to,2 lb,8.50,9.50|up to,2 lb,8.50,|9|There is no price for zone 2: a gap.",
                "up to,2 lb,8.50,9.50|up to,1 lb,8.50,9.50|9|The weight 1 lb does not rise above that of the row before: the two overlap.",
                "up to,2 lb,8.50,9.50|up to,2 lb,8.50,9.50,1.00|9|There are more prices than the 2 zones.",
                "up to,2 lb,8.50,9.50|up to,2 lb,8.5x,9.50|9|“8.5x” is no figure. Write digits, like 1250.75.",
                "zones by,distance|zone of,9,postal codes,995|6|Zone “9” is not among the zones of this sheet.",
                "zones by,distance|zones by,distance;;surcharge,S,Sign,requested a wave,1.00,package,,|7|“a wave” is not known here.",
                "zones by,distance|zones by,distance;;handling,1|7|No row of a rate sheet begins with “handling”.",
                "2026-01-01|+99999-12-31|2|There is no such day. Write month/day/year, like 12/03/2026, or 2026-12-03.",
                "2026-01-01|1899-01-01|2|The day lies outside the years 2000 to 2099. Check the year.",
                "rate sheet,X|first day,2026-01-01|1|The first row must be “rate sheet” or “freight sheet” with the service's code.",
                "units,lb in|zones,5|7|“zones” stands in row 4 already.",
                "currency,USD|currency,USD;;currency,USD|4|“currency” stands in row 3 already.",
                "zones,1,2|zones,1,1|7|Zone 1 is named twice.",
                "weight step,1 lb|weight step,0|5|“0” is no weight at all. Write it like 4.2, 4 lb 3 oz or 1.9kg.",
                "weight step,1 lb|weight step,0.0001|5|The weight step is less than a thousandth of a unit.",
                "weight step,1 lb|weight step,1 lb;;units,kg cm|6|“units” stands in row 4 already.",
                "units,lb in;;weight step,1 lb|weight step,1 lb;;units,lb in|5|The row “units” must come before the first weight or length.",
                "zones by,distance|zones by,distnace|6|Zones go by “distance” or by “table”, not by “distnace”.",
                "zones by,distance|zones by,distance;;size step,0.5,neerest|7|Sides are rounded “up” or to the “nearest” step, not “neerest”.",
                "zones by,distance|zones by,distance;;divisor,3000000000|7|“3000000000” is no whole number from 1 to 100,000.",
                "zones by,distance|zones by,distance;;discount,1 9,0,20,10|7|Zone “9” is not among the zones of this sheet.",
                "zones by,distance|zones by,distance;;discount,1,0,20,250|7|“250” is more than 100 %.",
                "zones by,distance|zones by,distance;;zone of,1,postal codes,606 606|7|606 is in zone 1 already.",
                "zones by,distance|zones by,distance;;zone of,1,countries,UK|7|“UK” is no country's two letters (ISO 3166) like CA.",
                "zones by,distance|zones by,distance;;surcharge,S,Sign,always,2.00 per 0,package,,|7|“0” is no weight at all. Write it like 4.2, 4 lb 3 oz or 1.9kg.",
                "zones by,distance|zones by,distance;;surcharge,S,Sign,always,-2.00,package,,|7|“-2.00” is no figure. Write digits, like 1250.75.",
                "zones by,distance|zones by,distance;;surcharge,S,Sign,always,2.00,package,,fule|7|The last cell says “fuel” or nothing, not “fule”.",
                "zones by,distance|zones by,distance;;surcharge,S,Sign,always,2.00,package;;surcharge,S,Sign,always,2.00,package|8|There is a surcharge “S” already.",
                "up to,2 lb,8.50,9.50|up to,2 lb,8.50,-9.50|9|“-9.50” is no figure. Write digits, like 1250.75.",
                "up to,2 lb,8.50,9.50|up to,2 lb,\"8,50\",9.50|9|“8,50” has a decimal comma; figures here have a point. Write 8.50 if that is meant.",
                "up to,2 lb,8.50,9.50|above,0.50,0.60|9|“above” needs a “maximum weight” above the last “up to”: no package would be priced by it.",
                "weight step,1 lb|# none|9|The sheet ends without its “weight step”."
            })
    void aFaultRefusesTheSheetWithRowAndReason(String good, String bad, int row, String reason) {
        SheetReading reading = DemoRates.read(GOOD.replace(good.replace(";;", "\n"), bad.replace(";;", "\n")));
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
                maximum weight,9000 lb
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
        assertThat(DemoRates.read(head + "from,0\nrate,1,70,1.00,9.00").faults())
                .contains(SheetFault.refused(8, "There are more rates than the 1 breaks."));
        assertThat(DemoRates.read(head + "from,0\nrate,5,70,1.00").faults())
                .contains(SheetFault.refused(8, "Zone “5” is not among the zones of this sheet."));
        assertThat(DemoRates.read(head + "rate,1,70,1.00").faults())
                .contains(SheetFault.refused(7, "The row “from” must come before the first rate."));
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
        assertThat(RateSheetReader.read(List.of(), DecimalMark.POINT).faults())
                .hasSizeGreaterThan(4)
                .noneMatch(SheetFault::caution);
    }

    @Test
    void aSheetWithSemicolonsMayHaveDecimalCommas() {
        List<List<String>> rows =
                DemoRates.rows(GOOD.replace("8.00,9.00", "8'00,9'00").replace("8.50,9.50", "8'50,9'50")).stream()
                        .map(row -> row.stream()
                                .map(cell -> cell.replace('\'', ','))
                                .toList())
                        .toList();
        assertThat(RateSheetReader.read(rows, DecimalMark.UNKNOWN).tariff())
                .isEqualTo(DemoRates.read(GOOD).tariff());
    }
}
