package nobrec.server.workorder;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import nobrec.core.address.PostalAddress;
import nobrec.core.customs.ExportDetails;
import nobrec.core.workorder.Particulars;
import nobrec.core.workorder.Ruling;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What is kept of a work order as JSON, because the shop names it or few have it. */
final class RecordTexts {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final TypeReference<Map<String, String>> FIELDS = new TypeReference<>() {};

    private static final TypeReference<List<Long>> IDS = new TypeReference<>() {};

    private RecordTexts() {}

    static Map<String, String> fields(@Nullable String text) {
        return text == null ? Map.of() : JSON.readValue(text, FIELDS);
    }

    /** Null for none. */
    static @Nullable String write(Map<String, String> fields) {
        return fields.isEmpty() ? null : JSON.writeValueAsString(fields);
    }

    static PostalAddress address(@Nullable String text) {
        return text == null ? Particulars.NONE.billTo() : JSON.readValue(text, PostalAddress.class);
    }

    /** Null for none. */
    static @Nullable String write(PostalAddress address) {
        return address.equals(Particulars.NONE.billTo()) ? null : JSON.writeValueAsString(address);
    }

    static ExportDetails export(@Nullable String text) {
        return text == null ? ExportDetails.NONE : JSON.readValue(text, ExportDetails.class);
    }

    /** Null for none. */
    static @Nullable String write(ExportDetails details) {
        return details.equals(ExportDetails.NONE) ? null : JSON.writeValueAsString(details);
    }

    static Ruling ruling(@Nullable String text) {
        return text == null ? Ruling.NONE : JSON.readValue(text, Ruling.class);
    }

    /** Null for none. */
    static @Nullable String write(Ruling ruling) {
        return ruling.acted().isEmpty() ? null : JSON.writeValueAsString(ruling);
    }

    static List<Long> ids(@Nullable String text) {
        return text == null ? List.of() : JSON.readValue(text, IDS);
    }

    /** Null for none. */
    static @Nullable String write(Collection<Long> ids) {
        return ids.isEmpty() ? null : JSON.writeValueAsString(ids);
    }
}
