package nobrec.server.platform.task;

import java.util.Optional;
import java.util.function.Supplier;
import nobrec.server.platform.Shortened;
import tools.jackson.databind.json.JsonMapper;

/** A task while it is carried out. */
public final class TaskRun {

    /** Thrown to its handler when somebody stopped the task, or another server has it. */
    static final class Ended extends RuntimeException {
        private final boolean stopped;

        Ended(boolean stopped) {
            super(stopped ? "Somebody stopped it." : "Another server goes on with it.");
            this.stopped = stopped;
        }

        boolean isStopped() {
            return stopped;
        }
    }

    private static final int LONGEST_PHASE = 200;

    private final TaskRow row;
    private final String owner;
    private final TaskMapper mapper;
    private final JsonMapper json;
    private final Supplier<Boolean> ending;
    private String progress;

    TaskRun(TaskRow row, String owner, TaskMapper mapper, JsonMapper json, Supplier<Boolean> ending) {
        this.row = row;
        this.owner = owner;
        this.mapper = mapper;
        this.json = json;
        this.ending = ending;
        this.progress = row.progress();
    }

    public long id() {
        return row.id();
    }

    public String startedBy() {
        return row.startedBy();
    }

    /** What it was begun with. */
    public <T> T request(Class<T> type) {
        return json.readValue(row.request(), type);
    }

    /** Where it stood when it was last cut off; empty at its beginning. */
    public <T> Optional<T> progress(Class<T> type) {
        return progress.isEmpty() ? Optional.empty() : Optional.of(json.readValue(progress, type));
    }

    /**
     * Says how far it is and where it would go on. To be called in the transaction of what was done: nothing is kept for a task
     * that another server has taken over, and none goes on that was stopped.
     *
     * @param total zero where it is not known
     */
    public void report(String phase, long done, long total, Object where) {
        progress = json.writeValueAsString(where);
        report(phase, done, total);
    }

    /** The same where nothing is done yet from which it would go on. */
    public void report(String phase, long done, long total) {
        if (ending.get()) {
            throw new Ended(false);
        }
        if (mapper.report(row.id(), owner, Shortened.to(LONGEST_PHASE, phase), done, total, progress) == 0) {
            throw new Ended(mapper.stopRequested(row.id()));
        }
    }
}
