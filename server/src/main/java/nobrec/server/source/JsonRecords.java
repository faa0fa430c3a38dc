package nobrec.server.source;

import java.time.DateTimeException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.limit.Limits;
import tools.jackson.databind.JsonNode;

/** Parts of records in JSON. */
public final class JsonRecords {

    private static final int FIELDS = 300;

    private JsonRecords() {}

    /** Everything in an object that is a text, a figure or a yes, by its path: {@code address.city}. */
    public static Map<String, String> flat(JsonNode object) {
        Map<String, String> fields = new LinkedHashMap<>();
        put(fields, "", object);
        return fields;
    }

    private static void put(Map<String, String> fields, String path, JsonNode node) {
        node.properties().forEach(each -> {
            String name = path.isEmpty() ? each.getKey() : path + "." + each.getKey();
            JsonNode value = each.getValue();
            if (value.isObject()) {
                put(fields, name, value);
            } else if (value.isValueNode()
                    && !value.isNull()
                    && fields.size() < FIELDS
                    && name.length() <= Limits.HEADING) {
                fields.put(name, text(value));
            }
        });
    }

    /** A figure as it stands there, a yes or no in words. */
    public static String text(JsonNode value) {
        if (value.isNumber()) {
            return value.decimalValue().toPlainString();
        }
        if (value.isBoolean()) {
            return value.booleanValue() ? "yes" : "no";
        }
        return value.asString("");
    }

    public static List<Map<String, String>> lines(JsonNode array) {
        List<Map<String, String>> lines = new ArrayList<>();
        for (JsonNode each : array) {
            lines.add(flat(each));
        }
        return lines;
    }

    /** A moment with its offset (ISO 8601); empty when it is none. */
    public static Optional<Instant> moment(JsonNode value) {
        try {
            return Optional.of(OffsetDateTime.parse(value.asString("")).toInstant());
        } catch (DateTimeException none) {
            return Optional.empty();
        }
    }
}
