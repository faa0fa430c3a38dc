package nobrec.server.platform.task;

/**
 * Work to be begun.
 *
 * @param kind which handler carries it out
 * @param lane of the tasks with the same one runs at a time
 * @param subject what it works on, as people call it
 * @param request what its handler needs to know; written as JSON
 */
public record NewTask(String kind, String lane, String subject, Object request) {}
