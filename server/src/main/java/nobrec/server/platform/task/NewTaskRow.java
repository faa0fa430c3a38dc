package nobrec.server.platform.task;

import java.time.Instant;

/** A task on its way into the table; the database gives it its id. */
final class NewTaskRow {

    private final NewTask task;
    private final String request;
    private final String startedBy;
    private final Instant madeAt;
    private long id;

    NewTaskRow(NewTask task, String request, String startedBy, Instant madeAt) {
        this.task = task;
        this.request = request;
        this.startedBy = startedBy;
        this.madeAt = madeAt;
    }

    public long getId() {
        return id;
    }

    public NewTask getTask() {
        return task;
    }

    public String getRequest() {
        return request;
    }

    public String getStartedBy() {
        return startedBy;
    }

    public Instant getMadeAt() {
        return madeAt;
    }
}
