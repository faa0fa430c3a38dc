package nobrec.server.carrier;

import java.time.LocalDate;
import java.util.List;

/** The rate sheets of all services. */
record RateSheetList(List<ServiceSheets> services) {

    /**
     * @param fuel index and percent of today; empty text when no fuel is charged
     * @param sheets the latest first; empty when there is none
     */
    record ServiceSheets(String service, String name, String carrier, String fuel, List<SheetView> sheets) {}

    enum SheetState {
        COMING,
        IN_FORCE,
        PAST
    }

    /** @param summary what it holds, in one line */
    record SheetView(LocalDate firstDay, SheetState state, String summary) {}
}
