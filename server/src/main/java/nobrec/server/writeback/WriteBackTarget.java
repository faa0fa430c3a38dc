package nobrec.server.writeback;

import nobrec.core.writeback.WriteBackPlan;

/**
 * A system that is told.
 *
 * @param code of its connection
 * @param version changes with each change
 * @param active whether it is told of what becomes of jobs from now on
 */
public record WriteBackTarget(String code, int version, boolean active, WriteBackPlan plan) {}
