package nobrec.core.identifier;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** One article number in the lengths and frames in which scanners send it. Source: GS1 General Specifications (from memory). */
class BarcodesTest {

    @ParameterizedTest
    @ValueSource(
            strings = {
                "036000291452",
                "0036000291452",
                "00036000291452",
                "0100036000291452",
                "(01)00036000291452(10)A7",
                "]C10100036000291452"
            })
    void oneNumberIsFoundInEachNotation(String text) {
        assertThat(Barcodes.notations(text)).contains("036000291452", "0036000291452", "00036000291452");
    }

    @ParameterizedTest
    @ValueSource(strings = {"ROD-40", "", "0", "01", "W-2417"})
    void whatIsNoArticleNumberStaysItself(String text) {
        assertThat(Barcodes.notations(text)).contains(text);
    }
}
