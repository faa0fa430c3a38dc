package nobrec.server.workorder.list;

import nobrec.core.measure.Weight;
import org.jspecify.annotations.Nullable;

/**
 * What some jobs come to.
 *
 * @param weight of those of which it is known; null where it is known of none
 * @param unknown jobs of which it is not known
 */
record ChosenSum(int jobs, @Nullable Weight weight, int unknown) {}
