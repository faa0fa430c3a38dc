package nobrec.server.telling;

/** Where a job's customer looks at it and chooses. */
public interface CustomerPageAddresses {

    /** Sealed, for whoever is told it; empty text where the shop has no such page. */
    String of(long workOrderId);
}
