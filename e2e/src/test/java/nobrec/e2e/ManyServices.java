package nobrec.e2e;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

/** The demo with more services: those for parcels several times over, each under a code of its own with a sheet of its own. */
final class ManyServices {

    private static final ObjectMapper JSON = new ObjectMapper();

    private ManyServices() {}

    /** A folder like the demo's with so many services. */
    static Path demoWith(int services) throws IOException {
        Path folder = Files.createTempDirectory("nobrec-demo");
        copy(Application.DEMO, folder);
        ObjectNode shop = (ObjectNode) JSON.readTree(folder.resolve("shop.json").toFile());
        ArrayNode all = (ArrayNode) shop.get("services");
        List<ObjectNode> ofParcels = Stream.of("PLV-GROUND", "DUN-TWO", "DUN-ONE", "GDW-PARCEL")
                .map(code -> service(all, code))
                .toList();
        for (int next = 0; all.size() < services; next++) {
            all.add(another(ofParcels.get(next % ofParcels.size()), next, folder.resolve("rates")));
        }
        JSON.writeValue(folder.resolve("shop.json").toFile(), shop);
        return folder;
    }

    private static ObjectNode service(ArrayNode all, String code) {
        for (var each : all) {
            if (each.get("code").asText().equals(code)) {
                return (ObjectNode) each;
            }
        }
        throw new IllegalStateException("The demo has no service " + code);
    }

    private static ObjectNode another(ObjectNode service, int number, Path rates) throws IOException {
        String code = service.get("code").asText();
        String sheet = service.get("sheet").asText();
        ObjectNode another = service.deepCopy();
        another.put("code", code + "-" + number);
        another.put("name", service.get("name").asText() + " " + number);
        another.put("sheet", number + "-" + sheet);
        Files.writeString(
                rates.resolve(number + "-" + sheet),
                Files.readString(rates.resolve(sheet)).replaceFirst(code, code + "-" + number));
        return another;
    }

    private static void copy(Path from, Path to) throws IOException {
        try (Stream<Path> files = Files.walk(from)) {
            for (Path each : files.filter(Files::isRegularFile).toList()) {
                Path target = to.resolve(from.relativize(each).toString());
                Files.createDirectories(target.getParent());
                Files.copy(each, target);
            }
        }
    }
}
