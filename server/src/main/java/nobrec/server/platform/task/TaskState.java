package nobrec.server.platform.task;

/** Where a task stands. */
public enum TaskState {
    /** Its turn has not come. */
    WAITING,
    RUNNING,
    DONE,
    /** It cannot go on; what it had done stays. */
    FAILED,
    /** Somebody stopped it; what it had done stays. */
    STOPPED;

    public boolean isEnded() {
        return this != WAITING && this != RUNNING;
    }
}
