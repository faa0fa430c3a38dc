package nobrec.server.carrier;

import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.stream.Collectors;
import nobrec.core.calendar.LeavesBy;
import nobrec.core.calendar.Pickup;
import nobrec.core.calendar.WorkCalendar;

/** A row of table pickup. */
record PickupRow(long siteId, String carrierCode, LocalTime cutOff, String days, LeavesBy leavesBy) {

    static PickupRow of(long siteId, String carrierCode, Pickup pickup) {
        return new PickupRow(
                siteId,
                carrierCode,
                pickup.cutOff(),
                pickup.days().stream().sorted().map(DayOfWeek::name).collect(Collectors.joining(",")),
                pickup.by());
    }

    Pickup pickup(WorkCalendar calendar) {
        return new Pickup(
                cutOff,
                Arrays.stream(days.split(",")).map(DayOfWeek::valueOf).collect(Collectors.toSet()),
                calendar,
                leavesBy);
    }
}
