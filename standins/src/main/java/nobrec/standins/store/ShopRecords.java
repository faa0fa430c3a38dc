package nobrec.standins.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import tools.jackson.databind.json.JsonMapper;

/** The work orders that the shop's other systems know, with customer and invoice number. */
public record ShopRecords(List<Order> orders) {

    public record Order(String number, String customer, String invoice) {}

    private static final JsonMapper JSON = JsonMapper.builder().build();

    public static ShopRecords read(Path file) {
        try {
            return JSON.readValue(Files.readString(file), ShopRecords.class);
        } catch (IOException failed) {
            throw new UncheckedIOException("Cannot read the shop's records: " + file, failed);
        }
    }

    public Order order(String number) {
        return orders.stream()
                .filter(order -> order.number().equals(number))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("Work order " + number + " is not known here."));
    }
}
