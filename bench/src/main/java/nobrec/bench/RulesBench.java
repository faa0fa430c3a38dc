package nobrec.bench;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import nobrec.core.measure.UnitSystem;
import nobrec.core.rule.HouseRule;
import nobrec.core.rule.RandomRules;
import nobrec.core.rule.RuleBook;
import nobrec.core.rule.RuleReader;
import nobrec.core.workorder.WorkOrder;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;

/** 200 random house rules looked at for one job after another, with the reasons of those that act. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
public class RulesBench {

    static final int RULES = 200;
    private static final int JOBS = 100;
    private static final LocalDate TODAY = LocalDate.of(2026, 12, 1);

    private final RuleBook book;
    private final List<WorkOrder> jobs = new ArrayList<>();
    private int next;

    public RulesBench() {
        RandomRules random = new RandomRules(new Random(7));
        RuleReader reader = RandomRules.reader();
        List<HouseRule> rules = IntStream.range(0, RULES)
                .mapToObj(id -> reader.read(id, random.rule()))
                .map(RulesBench::goingOn)
                .toList();
        book = new RuleBook(rules, UnitSystem.POUND_INCH);
        for (int job = 0; job < JOBS; job++) {
            jobs.add(random.job());
        }
    }

    /** None ends the looking, so that all of them are looked at. */
    private static HouseRule goingOn(HouseRule rule) {
        return new HouseRule(rule.id(), rule.name(), rule.when(), rule.acts(), false, true, rule.validFrom());
    }

    /** How many of the rules act on a job, on average. */
    int acting() {
        return jobs.stream().mapToInt(job -> book.of(job, TODAY).acted().size()).sum() / JOBS;
    }

    @Benchmark
    public Object ruling() {
        next = (next + 1) % JOBS;
        return book.of(jobs.get(next), TODAY);
    }
}
