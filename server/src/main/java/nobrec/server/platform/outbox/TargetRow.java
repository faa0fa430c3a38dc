package nobrec.server.platform.outbox;

/**
 * How a system outside is called. A row of table outbox_target; a target without one is called as fast as it answers.
 *
 * @param paused what is due waits
 * @param callsAMinute zero: no limit
 */
public record TargetRow(String code, boolean paused, int callsAMinute) {

    /** One that nothing was said of. */
    public static TargetRow usual(String code) {
        return new TargetRow(code, false, 0);
    }
}
