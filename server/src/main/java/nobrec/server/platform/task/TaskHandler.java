package nobrec.server.platform.task;

/** Carries out tasks of a kind. It may be called again for a task that was cut off: from where its progress stands. */
public interface TaskHandler {

    String kind();

    /** @throws nobrec.core.refusal.Refusal when it cannot be done; whatever else is thrown is tried again */
    void run(TaskRun run);
}
