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
 * @param packedLike number of the job with the same contents that is packed as these are to be
 * @param service code
 * @param cheapest the cheapest service that keeps the promise
 * @param accessorial asked for besides what is asked for already
 */
record RunChange(
        Optional<String> weight,
        boolean byRecords,
        Optional<String> carton,
        Optional<String> packedLike,
        Optional<String> service,
        boolean cheapest,
        Optional<LocalDate> day,
        Optional<String> site,
        Optional<Accessorial> accessorial) {}
