package nobrec.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import nobrec.core.rating.Offer;
import org.openjdk.jmh.profile.GCProfiler;
import org.openjdk.jmh.results.Result;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;
import org.openjdk.jol.info.GraphLayout;

/** Runs all measurements and writes them down, with what they are measured against and the machine. */
public final class Bench {

    private static final int ORDERS = 300;
    private static final int ROUNDS = 7;
    private static final int BOXES = 100;
    private static final double MILLION = 1e6;

    /** Nanoseconds an operation, medians of the rounds; bytes an operation. */
    private record Pricing(double price, double bare, double ratio, double allocated) {}

    private Bench() {}

    /** @param arguments where the report goes */
    public static void main(String[] arguments) throws RunnerException, IOException {
        Pricing pricing = pricing();
        PackingBench.Times twenty = PackingBench.times(20, ORDERS);
        PackingBench.Times hundred = PackingBench.times(100, ORDERS);
        List<PackingBench.Solved> solved =
                List.of(PackingBench.solved(10, BOXES), PackingBench.solved(20, BOXES), PackingBench.solved(30, BOXES));
        String report = report(pricing, twenty, hundred, solved) + fewest()
                + "\nVery many pieces, in a machine with 64 MB of memory, the longest of three after a first:\n\n"
                + ManyPieces.measured()
                + rules();
        Files.writeString(Path.of(arguments[0]), report);
        System.out.println(report);
    }

    /**
     * Both are run in turn, several times over, so that a machine that others load meanwhile is slow for both alike; of the rounds
     * the median counts.
     */
    private static Pricing pricing() throws RunnerException {
        List<Double> price = new ArrayList<>();
        List<Double> bare = new ArrayList<>();
        List<Double> ratios = new ArrayList<>();
        double allocated = 0;
        for (int round = 0; round < ROUNDS; round++) {
            RunResult bareResult = run(PricingBench.class, "bareLoop");
            RunResult priceResult = run(PricingBench.class, "price");
            bare.add(bareResult.getPrimaryResult().getScore());
            price.add(priceResult.getPrimaryResult().getScore());
            ratios.add(price.get(round) / bare.get(round));
            allocated = allocated(priceResult);
        }
        return new Pricing(median(price), median(bare), median(ratios), allocated);
    }

    private static String rules() throws RunnerException {
        double nanos = run(RulesBench.class, "ruling").getPrimaryResult().getScore();
        StringBuilder text = new StringBuilder("\n## House rules\n\n" + RulesBench.RULES
                + " random rules (groups within groups, texts, sets, ranges, facts of lines) on one job after another, with the"
                + " reasons of those that act (JMH).\n\n");
        row(text, "rules that act on a job, on average", Integer.toString(new RulesBench().acting()));
        row(text, "one job (at most 1 ms)", "%.1f µs".formatted(nanos / 1000));
        return text.toString();
    }

    private static RunResult run(Class<?> of, String benchmark) throws RunnerException {
        return new Runner(new OptionsBuilder()
                        .include(of.getSimpleName() + "." + benchmark)
                        .forks(1)
                        .warmupIterations(4)
                        .warmupTime(TimeValue.seconds(1))
                        .measurementIterations(5)
                        .measurementTime(TimeValue.milliseconds(400))
                        .addProfiler(GCProfiler.class)
                        .build())
                .runSingle();
    }

    private static double median(List<Double> figures) {
        return figures.stream().sorted().toList().get(figures.size() / 2);
    }

    private static String report(
            Pricing pricing, PackingBench.Times twenty, PackingBench.Times hundred, List<PackingBench.Solved> solved) {
        PricingBench bench = new PricingBench();
        List<Offer> offers = bench.price();
        // What the offers hold beyond the sheets and services they were made from.
        long returned = GraphLayout.parseInstance(offers, bench).totalSize()
                - GraphLayout.parseInstance(bench).totalSize();
        StringBuilder text = new StringBuilder();
        text.append("# Measured\n\nWritten by `./nobrec bench` on " + LocalDate.now() + ": "
                + System.getProperty("os.name") + " " + System.getProperty("os.arch") + ", "
                + Runtime.getRuntime().availableProcessors() + " processors, Java " + System.getProperty("java.version")
                + ". Figures are ratios within this one run; absolute times are this machine's.\n\n");
        text.append(
                "## Pricing\n\nThree packages in 20 services, each offer with its lines, reasons and day, beside a bare loop of the"
                        + " same table look-ups and additions for the same totals (JMH; both in turn, medians of "
                        + ROUNDS + " rounds).\n\n");
        row(text, "20 offers", "%.1f µs".formatted(pricing.price() / 1000));
        row(text, "the bare loop", "%.2f µs".formatted(pricing.bare() / 1000));
        row(text, "ratio (at most 10)", "%.1f".formatted(pricing.ratio()));
        row(
                text,
                "allocated, for what is returned",
                "%.0f bytes for %d: factor %.2f"
                        .formatted(pricing.allocated(), returned, pricing.allocated() / returned));
        text.append(
                "\n## Packing\n\n" + ORDERS + " random orders of the demo's items, " + PackingBench.cartons()
                        + " cartons, medians after three warm-up rounds; beside it 3d-bin-container-packing 3.0.9, plain packager.\n\n");
        row(text, "20 items: plan", millis(twenty.median()));
        row(text, "20 items: library", millis(twenty.libraryMedian()));
        row(text, "ratio (requested at most 3)", "%.1f".formatted((double) twenty.median() / twenty.libraryMedian()));
        row(text, "100 items: median plan", millis(hundred.median()));
        row(text, "100 items: longest plan (at most 200 ms)", millis(hundred.maximum()));
        text.append("\nCut-up boxes put together again, of " + BOXES + " each; the library beside.\n\n");
        solved.forEach(
                each -> row(text, each.pieces() + " pieces", "%d, library %d".formatted(each.ours(), each.library())));
        return text.toString();
    }

    private static String fewest() {
        StringBuilder text = new StringBuilder("""

                Asked for the fewest cartons, beside the library: the random boxes of Martello, Pisinger and Vigo (cartons of 100 a
                side, ten instances of each) and the demo's items in the demo's cartons (200 orders of each). Ours always have half of
                their base borne; of the library's raised pieces some have less, which is to its advantage.

                | boxes | pieces | ours | library | ours, ms | library, ms | ratio |
                |---|---|---|---|---|---|---|
                """);
        Stream.concat(FewestBench.classes().stream(), FewestBench.demo().stream())
                .forEach(each -> text.append("| %s | %d | %.1f | %.1f | %.2f | %.2f | %.1f |%n"
                        .formatted(
                                each.what(),
                                each.pieces(),
                                each.ours(),
                                each.library(),
                                each.nanos() / MILLION,
                                each.libraryNanos() / MILLION,
                                each.ratio())));
        return text.toString();
    }

    private static double allocated(RunResult result) {
        return result.getSecondaryResults().entrySet().stream()
                .filter(each -> each.getKey().contains("gc.alloc.rate.norm"))
                .map(Map.Entry::getValue)
                .mapToDouble(Result::getScore)
                .findFirst()
                .orElseThrow();
    }

    private static String millis(long nanos) {
        return String.format(Locale.US, "%.2f ms", nanos / MILLION);
    }

    private static void row(StringBuilder text, String what, String figure) {
        text.append("- ").append(what).append(": ").append(figure).append('\n');
    }
}
