package nobrec.server.workorder.list;

import nobrec.core.readiness.AttentionKind;

/** How many jobs need attention for a reason. */
public record AttentionCount(AttentionKind kind, int jobs) {}
