package nobrec.server.run;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.server.api.figure.Amount;
import nobrec.server.api.figure.WeightFigure;

/**
 * Jobs that are shipped as one run.
 *
 * @param doing what is under way: looking, or shipping; left out where nothing is
 * @param totals of what is ready or has gone
 * @param seesCharge whether whoever looks may see what customers pay
 * @param mayAct whether whoever looks may change and start it
 * @param currency of all amounts
 */
record RunView(
        long id,
        String madeBy,
        Instant madeAt,
        Optional<String> startedBy,
        Optional<Instant> startedAt,
        Optional<Doing> doing,
        List<Row> rows,
        Totals totals,
        boolean seesCharge,
        boolean mayAct,
        String currency,
        List<CartonChoice> cartons,
        List<SiteChoice> sites,
        List<PrepaidView> prepaid) {

    /** A carton that one package can go in. */
    record CartonChoice(String code, String name) {}

    /** One of our sites that a job can leave from. */
    record SiteChoice(String code, String city) {}

    /**
     * An account that is paid beforehand, of which what is ready takes something.
     *
     * @param balance as the carrier said it last; left out before it was asked
     * @param said why it gave none at the last time; empty text where it did
     * @param needed by what is ready
     * @param missing what has to be paid in before all of it can go; left out where that is not known
     * @param stays once all of it has gone
     */
    record PrepaidView(
            String carrierCode,
            String carrier,
            Optional<Amount> balance,
            Optional<Instant> askedAt,
            String said,
            Amount needed,
            Optional<Amount> missing,
            Optional<Amount> stays) {}

    /** @param timeLeft in words; left out where it cannot be said yet */
    record Doing(boolean shipping, boolean stopping, long done, long total, Optional<String> timeLeft) {}

    /**
     * @param weighed whether its weight was weighed or typed; else it is what the records say
     * @param late whether it would arrive after its promise
     * @param choices what else it could go by
     */
    record Row(
            String job,
            RunJobState state,
            String site,
            String shipTo,
            int packages,
            String carton,
            Optional<WeightFigure> weight,
            boolean weighed,
            String service,
            Optional<Amount> total,
            Optional<Amount> charge,
            Optional<LocalDate> leavesOn,
            Optional<LocalDate> arrivesOn,
            Optional<LocalDate> promised,
            boolean late,
            String reason,
            String remedy,
            List<Choice> choices,
            String tracking) {}

    record Choice(String code, String name, Amount total, LocalDate arrives) {}

    record Totals(
            int jobs,
            int ready,
            int stopped,
            int shipped,
            int asked,
            int failed,
            int packages,
            WeightFigure weight,
            Amount cost,
            Optional<Amount> charge) {}

    /** @param next the cursor of the rows after these */
    record RunList(List<Line> rows, Optional<Long> next) {}

    /** @param underWay whether it is looked at or shipped just now */
    record Line(long id, String madeBy, Instant madeAt, int jobs, int shipped, int failed, boolean underWay) {}
}
