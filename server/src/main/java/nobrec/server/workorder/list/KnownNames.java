package nobrec.server.workorder.list;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/**
 * Names of customers, receivers, cities and items, in memory: parts of them are looked for in every search, and a database reads all
 * of them for that. New ones, also those that another server has noted, are read before each search.
 */
@Component
class KnownNames {

    /** A name is seen by others once its transaction has ended, later than it says; none takes that long. */
    private static final Duration LATE = Duration.ofMinutes(2);

    record Noted(NameKind kind, String name, String plain) {}

    private final KnownNameMapper mapper;
    private final Map<NameKind, Map<String, String>> names = new EnumMap<>(NameKind.class);
    private LocalDateTime readAt = LocalDateTime.of(2000, 1, 1, 0, 0);

    KnownNames(KnownNameMapper mapper) {
        this.mapper = mapper;
        for (NameKind kind : NameKind.values()) {
            names.put(kind, new ConcurrentHashMap<>());
        }
    }

    /**
     * Names of a kind that have a text in them.
     *
     * @param plain the text without accents
     * @param written the text with them: names from before accents were set aside have theirs
     */
    List<String> with(NameKind kind, String plain, String written) {
        return names.getOrDefault(kind, Map.of()).entrySet().stream()
                .filter(each ->
                        each.getValue().contains(plain) || each.getValue().contains(written))
                .map(Map.Entry::getKey)
                .toList();
    }

    /** Reads what is new. */
    synchronized void refresh() {
        LocalDateTime now = mapper.now();
        for (Noted each : mapper.since(readAt.minus(LATE))) {
            names.computeIfAbsent(each.kind(), kind -> new ConcurrentHashMap<>())
                    .put(each.name(), each.plain());
        }
        readAt = now;
    }
}
