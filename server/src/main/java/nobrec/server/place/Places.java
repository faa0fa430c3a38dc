package nobrec.server.place;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.address.AddressCheck.Finding;
import nobrec.core.address.OutsideVerdict;
import nobrec.core.address.PlaceKind;
import nobrec.core.address.PostalAddress;
import nobrec.core.intake.PlaceFile;
import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.Literal;
import nobrec.server.platform.PlainText;
import nobrec.server.platform.Shortened;
import nobrec.server.platform.mapping.RowBatch;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Where things go: recognized again in spite of differences of writing, described, merged. */
@Service
public class Places {

    private static final int LONGEST_FINDING = 300;
    private static final int LONGEST_PLAIN = 500;
    private static final int LONGEST_NOTE = 500;

    /** A place that was recognized, with what the shop said that stands there. */
    public record Recognized(long id, Optional<PlaceKind> saidKind) {}

    private final PlaceMapper mapper;
    private final AddressChecks checks;
    private final RowBatch batch;
    private final AuditLog auditLog;
    private final Clock clock;

    Places(PlaceMapper mapper, AddressChecks checks, RowBatch batch, AuditLog auditLog, Clock clock) {
        this.mapper = mapper;
        this.checks = checks;
        this.batch = batch;
        this.auditLog = auditLog;
        this.clock = clock;
    }

    /** The places of some addresses; one that was never seen is a new place from now on. An address without a name has none. */
    public Map<PostalAddress, Recognized> recognize(Collection<PostalAddress> addresses) {
        Map<String, PostalAddress> byKey = new LinkedHashMap<>();
        addresses.stream()
                .filter(each -> !each.name().isEmpty())
                .forEach(each -> byKey.putIfAbsent(AddressChecks.key(each), each));
        if (byKey.isEmpty()) {
            return Map.of();
        }
        Map<String, PlaceId> known = known(byKey.keySet());
        List<NewPlace> fresh = byKey.entrySet().stream()
                .filter(each -> !known.containsKey(each.getKey()))
                .map(each -> fresh(each.getKey(), each.getValue()))
                .toList();
        if (!fresh.isEmpty()) {
            insert(fresh);
            known.putAll(known(fresh.stream().map(NewPlace::ownKey).toList()));
        }
        Map<PostalAddress, Recognized> recognized = new HashMap<>();
        addresses.stream().filter(each -> !each.name().isEmpty()).forEach(each -> {
            PlaceId place = known.get(AddressChecks.key(each));
            if (place != null) {
                recognized.put(each, new Recognized(place.id(), Optional.ofNullable(place.kind())));
            }
        });
        return recognized;
    }

    /** What the shop said that stands at an address, where it knows the place. */
    public Optional<PlaceKind> saidKind(PostalAddress address) {
        return Optional.ofNullable(known(List.of(AddressChecks.key(address))).get(AddressChecks.key(address)))
                .flatMap(place -> Optional.ofNullable(place.kind()));
    }

    private Map<String, PlaceId> known(Collection<String> keys) {
        Map<String, PlaceId> known = new HashMap<>();
        mapper.idsOf(keys).forEach(each -> known.put(each.ownKey(), each));
        return known;
    }

    private void insert(List<NewPlace> fresh) {
        try {
            batch.forEach(PlaceMapper.class, fresh, PlaceMapper::insert);
        } catch (DuplicateKeyException meanwhile) {
            throw new PessimisticLockingFailureException(
                    "Another has brought in something for one of these places at the same moment.", meanwhile);
        }
    }

    private NewPlace fresh(String key, PostalAddress address) {
        Optional<Finding> worst = checks.worst(address);
        return new NewPlace(
                key,
                address,
                plain(address),
                "",
                said(worst),
                worst.filter(Finding::stops).isPresent(),
                clock.instant());
    }

    private static String said(Optional<Finding> worst) {
        return Shortened.to(LONGEST_FINDING, worst.map(Finding::reason).orElse(""));
    }

    private static String plain(PostalAddress address) {
        return Shortened.to(
                LONGEST_PLAIN,
                PlainText.of(String.join(
                        " ",
                        address.company(),
                        address.person(),
                        address.city(),
                        address.street(),
                        address.postalCode())));
    }

    /** Those whose names, street or city hold all words of a text, the oldest first. */
    public List<Place> page(String text, long after, int limit) {
        List<String> words = Arrays.stream(PlainText.of(text).split("\\s+"))
                .filter(word -> !word.isEmpty())
                .map(Literal::of)
                .toList();
        return mapper.page(words, after, limit).stream().map(PlaceRow::place).toList();
    }

    public List<Place> all(long after, int limit) {
        return mapper.all(after, limit).stream().map(PlaceRow::place).toList();
    }

    public Place byId(long id) {
        return mapper.byId(id).map(PlaceRow::place).orElseThrow(Places::none);
    }

    private static Refusal none() {
        return Refusal.notFound("This place", "It may have been merged with another: look for it in Places.");
    }

    private Place locked(long id, int version) {
        Place place = mapper.byIdLocked(id).map(PlaceRow::place).orElseThrow(Places::none);
        if (place.version() != version) {
            throw Refusal.changedSince(
                    place.address().name(), "Somebody else has changed this place.", "Reload the page and look again.");
        }
        return place;
    }

    /** What the shop knows of it. */
    @Transactional
    public void describe(long id, int version, String phone, String note, Optional<PlaceKind> kind, String signIn) {
        Place place = locked(id, version);
        boolean sameKind = kind.equals(place.saidKind());
        mapper.describe(
                id, phone, note, kind.orElse(null), sameKind ? place.kindSaidBy() : kind.isPresent() ? signIn : "");
        auditLog.write(
                signIn,
                "described a place",
                thing(id),
                kind.map(PlaceKind::words).orElse("told from the address") + "; " + phone + "; " + note);
    }

    /** Places of a file; what it says of those that are here counts from now on. */
    @Transactional
    public void takeIn(List<PlaceFile.Entry> entries, String signIn) {
        Map<PostalAddress, Recognized> found =
                recognize(entries.stream().map(PlaceFile.Entry::address).toList());
        for (PlaceFile.Entry entry : entries) {
            Optional.ofNullable(found.get(entry.address())).ifPresent(at -> {
                Place place = mapper.byIdLocked(at.id()).map(PlaceRow::place).orElseThrow(Places::none);
                mapper.describe(
                        place.id(),
                        entry.phone().isEmpty() ? place.phone() : entry.phone(),
                        entry.note().isEmpty() ? place.note() : Shortened.to(LONGEST_NOTE, entry.note()),
                        entry.kind().or(place::saidKind).orElse(null),
                        entry.kind().isPresent() ? signIn : place.kindSaidBy());
            });
        }
        auditLog.write(signIn, "brought places in", "Places", entries.size() + " of a file");
    }

    /**
     * What somebody says of a place while a job goes there.
     *
     * @return the place; empty where the address has no name and is none
     */
    public Optional<Long> sayKind(PostalAddress address, PlaceKind kind, String signIn) {
        Optional<Long> found =
                Optional.ofNullable(recognize(List.of(address)).get(address)).map(Recognized::id);
        found.ifPresent(id -> {
            Place place = byId(id);
            mapper.describe(id, place.phone(), place.note(), kind, signIn);
        });
        return found;
    }

    /** What the shop wrote down about a place, for who goes there; nothing where it knows nothing of it. */
    public String noteAt(PostalAddress address) {
        return mapper.noteOf(AddressChecks.key(address)).orElse("");
    }

    /**
     * What an address service says of an address that is a place of ours. What stands there counts where nobody of the shop has said
     * it.
     *
     * @return the place whose kind is another now; empty where it stays
     */
    @Transactional
    public Optional<Long> outsideSays(PostalAddress address, String service, OutsideVerdict verdict) {
        PlaceId found = known(List.of(AddressChecks.key(address))).get(AddressChecks.key(address));
        if (found == null) {
            return Optional.empty();
        }
        Place place = byId(found.id());
        mapper.noteService(
                place.id(), verdict.deliverable(), Shortened.to(LONGEST_FINDING, verdict.said()), clock.instant());
        if (place.saidKind().isPresent()
                || verdict.kind().isEmpty()
                || verdict.kind().get() == place.kind()) {
            return Optional.empty();
        }
        mapper.describe(place.id(), place.phone(), place.note(), verdict.kind().get(), service);
        return Optional.of(place.id());
    }

    /** Somebody knows that the address is right as it is written, whatever the check says. */
    @Transactional
    public void accept(PostalAddress address, String signIn) {
        Recognized found = Optional.ofNullable(recognize(List.of(address)).get(address))
                .orElseThrow(() -> Refusal.unusable(
                        "The address", "It has no name, so it is no place.", "Add a company or a person first."));
        Place place = byId(found.id());
        if (!AddressChecks.key(place.address()).equals(AddressChecks.key(address))) {
            throw Refusal.unusable(
                    "The address",
                    "It is written otherwise than its place, " + place.address().name() + ".",
                    "Write it as the place has it, and accept that.");
        }
        mapper.accept(place.id(), signIn, clock.instant(), AddressChecks.fingerprint(address));
        auditLog.write(signIn, "accepted an address as written", thing(place.id()), address.cityLine());
    }

    /**
     * One place turned out to be another: what goes to either goes to the one that stays.
     *
     * @return the one that stays
     */
    @Transactional
    public Place merge(long from, long into, String signIn) {
        if (from == into) {
            throw Refusal.unusable("The place", "It cannot be merged with itself.", "Choose another one.");
        }
        // In the order of their ids, so that two merges at once never wait for each other.
        List<Place> both = new ArrayList<>();
        for (long id : new long[] {Math.min(from, into), Math.max(from, into)}) {
            both.add(mapper.byIdLocked(id).map(PlaceRow::place).orElseThrow(Places::none));
        }
        Place stays = both.get(0).id() == into ? both.get(0) : both.get(1);
        Place goes = both.get(0).id() == into ? both.get(1) : both.get(0);
        mapper.merge(from, into);
        mapper.describe(
                into,
                stays.phone().isEmpty() ? goes.phone() : stays.phone(),
                stays.note().isEmpty() ? goes.note() : stays.note(),
                stays.saidKind().or(goes::saidKind).orElse(null),
                stays.saidKind().isPresent() ? stays.kindSaidBy() : goes.kindSaidBy());
        auditLog.write(
                signIn,
                "merged a place",
                thing(into),
                "with " + goes.address().name() + ", " + goes.address().street() + ", "
                        + goes.address().cityLine());
        return byId(into);
    }

    /** How the log names a place. */
    public static String thing(long id) {
        return "Place " + id;
    }
}
