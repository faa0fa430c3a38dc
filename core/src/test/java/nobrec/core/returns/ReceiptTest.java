package nobrec.core.returns;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import nobrec.core.refusal.Refusal;
import nobrec.core.returns.Receipt.Came;
import nobrec.core.returns.Receipt.Expected;
import org.junit.jupiter.api.Test;

class ReceiptTest {

    private static final List<Expected> EXPECTED = List.of(new Expected(1, "ROD-40", 2), new Expected(3, "SEAL-7", 10));

    @Test
    void sayWhatIsNotAsExpected() {
        assertThat(Receipt.of(
                                EXPECTED,
                                List.of(new Came(1, 2, ReturnCondition.GOOD), new Came(3, 10, ReturnCondition.GOOD)))
                        .words())
                .isEqualTo("all as expected");
        Receipt some = Receipt.of(
                EXPECTED, List.of(new Came(3, 7, ReturnCondition.GOOD), new Came(1, 2, ReturnCondition.DAMAGED)));
        assertThat(some.words()).isEqualTo("2 ROD-40 damaged, 7 of 10 SEAL-7 as new");
        assertThat(some.pieces()).isEqualTo(9);
        assertThat(Receipt.of(EXPECTED, List.of(new Came(3, 10, ReturnCondition.GOOD)))
                        .words())
                .isEqualTo("no ROD-40");
    }

    @Test
    void moreThanWentOrSomethingElseIsRefused() {
        assertThatThrownBy(() -> Receipt.of(EXPECTED, List.of(new Came(1, 3, ReturnCondition.GOOD))))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("2 were to");
        assertThatThrownBy(() -> Receipt.of(EXPECTED, List.of(new Came(2, 1, ReturnCondition.GOOD))))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> Receipt.of(EXPECTED, List.of())).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> Receipt.of(
                        EXPECTED, List.of(new Came(1, 1, ReturnCondition.GOOD), new Came(1, 1, ReturnCondition.USED))))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("twice");
    }

    @Test
    void onlyWhatIsAwaitedCanBeOverdue() {
        LocalDate due = LocalDate.of(2026, 3, 3);
        assertThat(ReturnState.EXPECTED.isOverdue(due, due)).isFalse();
        assertThat(ReturnState.EXPECTED.isOverdue(due, due.plusDays(1))).isTrue();
        assertThat(ReturnState.ON_THE_WAY.isOverdue(due, due.plusDays(1))).isTrue();
        assertThat(ReturnState.RECEIVED.isOverdue(due, due.plusDays(1))).isFalse();
        assertThat(ReturnState.CALLED_OFF.canBeReceived()).isTrue();
        assertThat(ReturnState.RECEIVED.canBeReceived()).isFalse();
    }
}
