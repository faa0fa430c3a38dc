package nobrec.server.writeback.orderdesk;

import java.util.LinkedHashMap;
import java.util.Map;
import nobrec.core.writeback.WriteBack;
import nobrec.core.writeback.WriteBackPlan;
import nobrec.server.connection.Connection;
import nobrec.server.connection.KeyedJsonCalls;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.connection.OutsidePath;
import nobrec.server.writeback.WriteBackBody;
import nobrec.server.writeback.WriteBackPort;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Record systems that are told what became of an order as JSON with a key (docs/outside-protocol.md). */
@Component
class RecordSystemAdapter implements WriteBackPort {

    private final KeyedJsonCalls calls;

    RecordSystemAdapter(KeyedJsonCalls calls) {
        this.calls = calls;
    }

    @Override
    public String adapterName() {
        return "orderdesk-json";
    }

    @Override
    public String label() {
        return "record system (JSON with a key)";
    }

    @Override
    public OutsideAnswer<String> write(Connection connection, String key, WriteBackPlan plan, WriteBack writeBack) {
        return calls.sendForText(connection, "PUT", path(writeBack), key, WriteBackBody.of(writeBack));
    }

    private static String path(WriteBack writeBack) {
        return OutsidePath.of("orders", writeBack.number(), "shipping");
    }

    @Override
    public OutsideAnswer<Map<String, String>> standing(
            Connection connection, String key, WriteBackPlan plan, WriteBack writeBack) {
        return calls.send(connection, "POST", path(writeBack) + "/look", key, Map.of())
                .then(body -> new OutsideAnswer.Accepted<>(texts(body.path("fields"))));
    }

    private static Map<String, String> texts(JsonNode fields) {
        Map<String, String> texts = new LinkedHashMap<>();
        fields.properties().forEach(each -> {
            if (each.getValue().isValueNode()) {
                texts.put(each.getKey(), each.getValue().asString(""));
            } else if (each.getValue().isArray()) {
                addParts(each.getKey(), each.getValue(), texts);
            }
        });
        return texts;
    }

    private static void addParts(String list, JsonNode parts, Map<String, String> texts) {
        for (int at = 0; at < parts.size(); at++) {
            int number = at + 1;
            parts.get(at)
                    .properties()
                    .forEach(each -> texts.put(
                            WriteBackBody.nameOfPart(list, number, each.getKey()),
                            each.getValue().asString("")));
        }
    }
}
