package nobrec.server.telling;

/** The status that the shop itself gave a job. */
public interface JobStatuses {

    /** Empty text where it has none. */
    String of(long workOrderId);
}
