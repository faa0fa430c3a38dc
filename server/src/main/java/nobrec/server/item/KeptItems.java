package nobrec.server.item;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import nobrec.core.item.Item;
import nobrec.core.wordbook.KnownWords;
import nobrec.server.workorder.KnownItems;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Items as they are kept. */
@Component
class KeptItems implements KnownItems {

    private static final int KEYS_AT_ONCE = 500;

    private final ItemMapper mapper;
    private final JsonMapper json;

    KeptItems(ItemMapper mapper, JsonMapper json) {
        this.mapper = mapper;
        this.json = json;
    }

    /** The number as it is compared. */
    static String key(String number) {
        return KnownWords.plain(number);
    }

    Item read(ItemRow row) {
        return json.readValue(row.definition(), Item.class);
    }

    NewItem row(Item item, String signIn, Instant now) {
        return new NewItem(
                key(item.number()),
                item.number(),
                item.description(),
                item.barcode(),
                json.writeValueAsString(item),
                signIn,
                now);
    }

    @Override
    public Function<String, Optional<Item>> of(Collection<String> numbers) {
        List<String> keys = numbers.stream()
                .map(KeptItems::key)
                .filter(key -> !key.isEmpty())
                .distinct()
                .toList();
        Map<String, Item> found = new HashMap<>();
        for (int from = 0; from < keys.size(); from += KEYS_AT_ONCE) {
            mapper.byKeys(new ArrayList<>(keys.subList(from, Math.min(keys.size(), from + KEYS_AT_ONCE))))
                    .forEach(row -> found.put(key(row.number()), read(row)));
        }
        return number -> Optional.ofNullable(found.get(key(number)));
    }
}
