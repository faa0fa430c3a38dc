package nobrec.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import nobrec.core.packing.search.FreeRoom;
import nobrec.core.packing.search.SmallestPiece;
import org.junit.jupiter.api.Test;

/** The room that is left in a box, held against a grid in which each cell is filled or empty. */
class FreeRoomTest {

    private static final int SIDE = 9;
    private static final SmallestPiece ANYTHING = new SmallestPiece(1, 1, 1);

    private final boolean[][][] filled = new boolean[SIDE][SIDE][SIDE];
    private final FreeRoom free = new FreeRoom(new long[] {SIDE, SIDE, SIDE});

    private void take(int[] from, int[] to, SmallestPiece minimum) {
        free.take(from[0], from[1], from[2], to[0], to[1], to[2], minimum);
        for (int x = from[0]; x < to[0]; x++) {
            for (int y = from[1]; y < to[1]; y++) {
                for (int z = from[2]; z < to[2]; z++) {
                    filled[x][y][z] = true;
                }
            }
        }
    }

    private boolean isEmpty(int cuboid) {
        for (long x = free.bound(cuboid, 0); x < free.bound(cuboid, 3); x++) {
            for (long y = free.bound(cuboid, 1); y < free.bound(cuboid, 4); y++) {
                for (long z = free.bound(cuboid, 2); z < free.bound(cuboid, 5); z++) {
                    if (filled[(int) x][(int) y][(int) z]) {
                        return false;
                    }
                }
            }
        }
        return true;
    }

    private boolean holds(int cuboid, int[] from, int[] to) {
        for (int axis = 0; axis < 3; axis++) {
            if (free.bound(cuboid, axis) > from[axis] || free.bound(cuboid, axis + 3) < to[axis]) {
                return false;
            }
        }
        return true;
    }

    private boolean isEmpty(int[] from, int[] to) {
        for (int x = from[0]; x < to[0]; x++) {
            for (int y = from[1]; y < to[1]; y++) {
                for (int z = from[2]; z < to[2]; z++) {
                    if (filled[x][y][z]) {
                        return false;
                    }
                }
            }
        }
        return true;
    }

    private static int[][] randomBox(Random random, int most) {
        int[] from = new int[3];
        int[] to = new int[3];
        for (int axis = 0; axis < 3; axis++) {
            int length = 1 + random.nextInt(most);
            from[axis] = random.nextInt(SIDE - length + 1);
            to[axis] = from[axis] + length;
        }
        return new int[][] {from, to};
    }

    /** Each cuboid is empty and lies in no other; each empty place, however large, lies whole in one of them. */
    private void isTheRoomThatIsLeft(Random random, SmallestPiece minimum) {
        for (int cuboid = 0; cuboid < free.count(); cuboid++) {
            assertThat(isEmpty(cuboid)).isTrue();
            for (int other = 0; other < free.count(); other++) {
                int[] from = {(int) free.bound(cuboid, 0), (int) free.bound(cuboid, 1), (int) free.bound(cuboid, 2)};
                int[] to = {(int) free.bound(cuboid, 3), (int) free.bound(cuboid, 4), (int) free.bound(cuboid, 5)};
                assertThat(other != cuboid && holds(other, from, to)).isFalse();
            }
        }
        for (int sample = 0; sample < 60; sample++) {
            int[][] box = randomBox(random, 4);
            boolean useful =
                    !minimum.isTooLargeFor(box[1][0] - box[0][0], box[1][1] - box[0][1], box[1][2] - box[0][2]);
            if (useful && isEmpty(box[0], box[1])) {
                boolean found = false;
                for (int cuboid = 0; cuboid < free.count(); cuboid++) {
                    found |= holds(cuboid, box[0], box[1]);
                }
                assertThat(found).isTrue();
            }
        }
    }

    @Test
    void whatIsLeftIsExactlyWhatIsEmpty() {
        for (int seed = 0; seed < 150; seed++) {
            FreeRoomTest fresh = new FreeRoomTest();
            Random random = new Random(seed);
            for (int piece = 0; piece < 8; piece++) {
                int[][] box = randomBox(random, 4);
                fresh.take(box[0], box[1], ANYTHING);
                fresh.isTheRoomThatIsLeft(random, ANYTHING);
            }
        }
    }

    /** Room into which not even the least piece would go may be forgotten, but no other. */
    @Test
    void onlyUselessRoomIsForgotten() {
        SmallestPiece minimum = new SmallestPiece(1, 2, 3);
        for (int seed = 0; seed < 150; seed++) {
            FreeRoomTest fresh = new FreeRoomTest();
            Random random = new Random(seed);
            for (int piece = 0; piece < 8; piece++) {
                int[][] box = randomBox(random, 4);
                fresh.take(box[0], box[1], minimum);
                fresh.isTheRoomThatIsLeft(random, minimum);
            }
        }
    }
}
