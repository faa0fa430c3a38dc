package nobrec.server.run;

import java.time.Instant;

/** A run on its way into the table; the database gives it its id. */
final class NewRun {

    private final String madeBy;
    private final Instant madeAt;
    private long id;

    NewRun(String madeBy, Instant madeAt) {
        this.madeBy = madeBy;
        this.madeAt = madeAt;
    }

    public String getMadeBy() {
        return madeBy;
    }

    public Instant getMadeAt() {
        return madeAt;
    }

    public long getId() {
        return id;
    }

    public void setId(long id) {
        this.id = id;
    }
}
