package nobrec.core.writeback;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Set;
import nobrec.core.refusal.Refusal;
import nobrec.core.telling.FactSheet;
import nobrec.core.telling.Moment;
import nobrec.core.telling.TellingFact;
import nobrec.core.writeback.WriteBackPlan.Field;
import nobrec.core.writeback.WriteBackPlan.Word;
import org.junit.jupiter.api.Test;

class WriteBacksTest {

    private static final FactSheet SHEET = new FactSheet(
            Map.of(
                    TellingFact.JOB, "2417",
                    TellingFact.STATUS, "shipped",
                    TellingFact.CARRIER, "Plover Parcel",
                    TellingFact.TRACKING, "PV1\nPV2"),
            Map.of(),
            List.of(
                    Map.of(TellingFact.PACKAGE_NUMBER, "1", TellingFact.PACKAGE_TRACKING, "PV1"),
                    Map.of(TellingFact.PACKAGE_NUMBER, "2", TellingFact.PACKAGE_TRACKING, "PV2")),
            List.of(Map.of(TellingFact.ITEM, "SK-2", TellingFact.SHIPPED_NOW, "4")));

    private static WriteBackPlan plan(List<Field> fields, List<Word> words) {
        return new WriteBackPlan(
                Set.of(Moment.LABEL_BOUGHT),
                List.of(),
                "{origin number or job}",
                fields,
                List.of(new Field("no", "{package} {package tracking} of {job}", "")),
                List.of(new Field("qty", "{shipped now} {item}", "0")),
                words,
                "",
                "",
                "",
                "");
    }

    @Test
    void saysEachThingInTheOtherSystemsWordsUnderItsOwnNumber() {
        WriteBackPlan plan = plan(
                List.of(new Field("STAT", "{status}", "{status}"), new Field("via", "{carrier}: {tracking}", "")),
                List.of(new Word("Shipped", "S"), new Word("plover parcel", "PLV"), new Word("PV2", "second")));
        WriteBack written = new WriteBacks(plan).of(SHEET);
        assertThat(written.number()).isEqualTo("2417");
        assertThat(written.fields()).containsExactly(Map.entry("STAT", "S"), Map.entry("via", "PLV: PV1, second"));
        assertThat(written.packages()).containsExactly(Map.of("no", "1 PV1 of 2417"), Map.of("no", "2 second of 2417"));
        assertThat(written.lines()).containsExactly(Map.of("qty", "4 SK-2"));
        WriteBack voided = new WriteBacks(plan).whenVoid(SHEET);
        assertThat(voided.fields()).containsExactly(Map.entry("STAT", "S"), Map.entry("via", ""));
        assertThat(voided.lines()).containsExactly(Map.of("qty", "0"));
    }

    @Test
    void refusesNamesThatStandTwiceAndPlansWithNothingInThem() {
        Field status = new Field("status", "{status}", "");
        assertThatThrownBy(() -> plan(List.of(status, status), List.of()).requireUsable())
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> plan(List.of(status), List.of(new Word("void", "V"), new Word("VOID ", "W")))
                        .requireUsable())
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new WriteBackPlan(
                                Set.of(), List.of(), "{job}", List.of(), List.of(), List.of(), List.of(), "", "", "",
                                "")
                        .requireUsable())
                .isInstanceOf(Refusal.class);
        plan(List.of(status), List.of(new Word("void", "V"))).requireUsable();
    }
}
