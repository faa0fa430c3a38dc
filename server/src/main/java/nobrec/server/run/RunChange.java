package nobrec.server.run;

import java.time.LocalDate;
import java.util.Optional;
import nobrec.core.service.Accessorial;

/**
 * One thing that is to be so for some jobs of a run; what is empty stays as it is.
 *
 * @param weight of the one package of each, as it is typed
 * @param byRecords packages that nobody weighed weigh what the records say
 * @param carton code of the carton of the one package of each
 * @param service code
 * @param cheapest the cheapest service that keeps the promise
 * @param accessorial asked for besides what is asked for already
 */
record RunChange(
        Optional<String> weight,
        boolean byRecords,
        Optional<String> carton,
        Optional<String> service,
        boolean cheapest,
        Optional<LocalDate> day,
        Optional<String> site,
        Optional<Accessorial> accessorial) {}
