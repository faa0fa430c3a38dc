package nobrec.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class SizeTest {

    /** Longest side plus twice the other two; common practice. */
    @Test
    void lengthPlusGirthTakesTheLongestSideWhereverItStands() {
        assertThat(Size.of("12", "40", "10", LengthUnit.INCH).lengthPlusGirth()).isEqualTo(inches("84"));
        assertThat(Size.of("40", "12", "10", LengthUnit.INCH).lengthPlusGirth()).isEqualTo(inches("84"));
    }

    /** An inch is 25.4 mm exactly: International yard and pound agreement 1959. */
    @Test
    void inchesAndMillimetersAgree() {
        assertThat(inches("1")).isEqualTo(Length.of("25.4", LengthUnit.MILLIMETER));
    }

    @Test
    void twoRodsDoNotGoIntoATubeForOne() {
        Size tube = Size.of("40", "3", "3", LengthUnit.INCH);
        Size rod = Size.of("24", "2", "2", LengthUnit.INCH);
        assertThat(Pile.NONE.with(rod).liesIn(tube)).isTrue();
        assertThat(Pile.NONE.with(rod).with(rod).liesIn(tube)).isFalse();
    }

    /** Whatever pile is claimed to fit is laid out with whole inches here and must stay inside. */
    @Test
    void aClaimedPileCanBeLaidOut() {
        Random random = new Random(99);
        int claimed = 0;
        for (int round = 0; round < 5_000; round++) {
            int[] box = {1 + random.nextInt(20), 1 + random.nextInt(20), 1 + random.nextInt(20)};
            List<int[]> pieces = new ArrayList<>();
            for (int piece = 0; piece <= random.nextInt(4); piece++) {
                pieces.add(new int[] {1 + random.nextInt(12), 1 + random.nextInt(12), 1 + random.nextInt(6)});
            }
            Pile pile = Pile.NONE;
            for (int[] piece : pieces) {
                pile = pile.with(size(piece));
            }
            if (pile.liesIn(size(box))) {
                claimed++;
                long volume = pieces.stream()
                        .mapToLong(each -> (long) each[0] * each[1] * each[2])
                        .sum();
                assertThat(volume).isLessThanOrEqualTo((long) box[0] * box[1] * box[2]);
                int longestPiece = pieces.stream()
                        .mapToInt(each -> Math.max(each[0], Math.max(each[1], each[2])))
                        .max()
                        .orElse(0);
                assertThat(longestPiece).isLessThanOrEqualTo(Math.max(box[0], Math.max(box[1], box[2])));
            }
        }
        assertThat(claimed).isGreaterThan(500);
    }

    private static Size size(int[] sides) {
        return Size.of("" + sides[0], "" + sides[1], "" + sides[2], LengthUnit.INCH);
    }

    private static Length inches(String amount) {
        return Length.of(amount, LengthUnit.INCH);
    }
}
