package nobrec.core.writeback;

import java.util.List;
import java.util.Map;

/**
 * What is written into another system for one job, in its own words.
 *
 * @param number under which it knows the job
 * @param fields texts by the names they have there
 */
public record WriteBack(
        String number,
        Map<String, String> fields,
        List<Map<String, String>> packages,
        List<Map<String, String>> lines) {}
