package nobrec.server.api.list;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.util.List;
import java.util.Optional;
import java.util.function.ToLongFunction;

/**
 * Which part of a list is asked for. Lists go from the newest to the oldest; what is added meanwhile moves nothing.
 *
 * @param cursor what the part before gave as {@code next}; none for the first part
 * @param limit how many rows at most, {@value #MAXIMUM} at most; {@value #USUAL} when nothing is said
 */
public record Part(Long cursor, @Min(1) @Max(Part.MAXIMUM) Integer limit) {

    public static final int MAXIMUM = 500;
    private static final int USUAL = 100;

    public Part {
        limit = limit == null ? USUAL : limit;
    }

    /** What to ask for to get the rows after these; empty when there may be none. */
    public <T> Optional<Long> next(List<T> rows, ToLongFunction<T> id) {
        return rows.size() < limit ? Optional.empty() : Optional.of(id.applyAsLong(rows.get(rows.size() - 1)));
    }

    /** How many there are in all, where that is known without counting: when all of them are here. */
    public Optional<Integer> total(List<?> rows) {
        return cursor == null && rows.size() < limit ? Optional.of(rows.size()) : Optional.empty();
    }

    /** The cursor as a place in a list of that length. */
    public int placeIn(int length) {
        return cursor == null ? 0 : (int) Math.max(0, Math.min(length, cursor));
    }
}
