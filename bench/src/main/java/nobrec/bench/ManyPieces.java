package nobrec.bench;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import nobrec.core.item.Handling;
import nobrec.core.item.PackItem;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.packing.DemoStock;
import nobrec.core.packing.PackPlanner;
import nobrec.core.packing.search.PackingEffort;
import nobrec.core.rating.DemoRates;

/** Plans of very many pieces in a machine of its own that has 64 MB of memory in all. */
public final class ManyPieces {

    private static final String MEMORY = "-Xmx64m";
    private static final int ROUNDS = 4;

    private ManyPieces() {}

    private record Order(String what, List<PackItem> items) {}

    /** Runs {@link #main} in a process of its own. */
    static String measured() throws IOException {
        Process process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        MEMORY,
                        "-cp",
                        System.getProperty("java.class.path"),
                        ManyPieces.class.getName())
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        try {
            if (process.waitFor() != 0) {
                throw new IllegalStateException("64 MB were not enough.");
            }
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
        return said;
    }

    /** @param arguments none */
    public static void main(String[] arguments) {
        PackPlanner planner = new PackPlanner(DemoStock.cartons());
        for (Order order : orders()) {
            long longest = 0;
            int packages = 0;
            for (int round = 0; round < ROUNDS; round++) {
                long start = System.nanoTime();
                packages = planner.plan(
                                order.items,
                                List.of(DemoRates.costByPloverGround()),
                                PackingEffort.whileSomebodyWaits(() -> false))
                        .packages()
                        .size();
                longest = round == 0 ? 0 : Math.max(longest, System.nanoTime() - start);
            }
            System.out.printf(Locale.US, "- %s: %d ms, %,d packages%n", order.what, longest / 1_000_000, packages);
        }
    }

    private static List<Order> orders() {
        Random random = new Random(3);
        return List.of(
                new Order("500 pieces of 100 kinds (at most 200 ms)", lines(random, 100, 5)),
                new Order("8,000 equal bushings", List.of(item(1, 8_000, "0.15", "1.5", "1", "1"))),
                new Order("20,000 pieces of 5,000 kinds (at most 2,000 ms)", lines(random, 5_000, 4)),
                new Order(
                        "20,000 equal large pieces (at most 2,000 ms)",
                        List.of(item(1, 20_000, "30", "20", "14", "9"))),
                new Order(
                        "20,000 pieces without size (at most 2,000 ms)",
                        List.of(new PackItem(
                                1,
                                "bulk",
                                20_000,
                                Optional.of(Weight.of("0.15", WeightUnit.POUND)),
                                Optional.empty(),
                                Handling.ANY,
                                List.of()))));
    }

    private static List<PackItem> lines(Random random, int kinds, int quantity) {
        List<PackItem> lines = new ArrayList<>();
        for (int line = 1; line <= kinds; line++) {
            lines.add(item(
                    line, quantity, "0." + (1 + random.nextInt(9)), side(random, 4), side(random, 3), side(random, 2)));
        }
        return lines;
    }

    private static String side(Random random, int inches) {
        return "%d.%02d".formatted(1 + random.nextInt(inches), random.nextInt(100));
    }

    private static PackItem item(long key, int quantity, String pounds, String length, String width, String height) {
        return new PackItem(
                key,
                "item " + key,
                quantity,
                Optional.of(Weight.of(pounds, WeightUnit.POUND)),
                Optional.of(Size.of(length, width, height, LengthUnit.INCH)),
                Handling.ANY,
                List.of());
    }
}
