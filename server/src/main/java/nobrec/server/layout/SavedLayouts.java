package nobrec.server.layout;

import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nobrec.core.layout.LayoutRules;
import nobrec.core.layout.OrderLayout;
import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.Fingerprint;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The layouts that are known. The first row of a file picks its layout. */
@Service
public class SavedLayouts {

    private static final int MOST = 500;

    /** @param version changes with each change, so that two people do not undo each other's */
    public record SavedLayout(long id, int version, LayoutDocument document, String changedBy) {}

    private final LayoutMapper mapper;
    private final JsonMapper json;
    private final AuditLog auditLog;
    private final Clock clock;

    SavedLayouts(LayoutMapper mapper, JsonMapper json, AuditLog auditLog, Clock clock) {
        this.mapper = mapper;
        this.json = json;
        this.auditLog = auditLog;
        this.clock = clock;
    }

    public List<SavedLayout> all() {
        return mapper.all().stream().map(this::saved).toList();
    }

    public SavedLayout byId(long id) {
        return all().stream()
                .filter(each -> each.id() == id)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("Layout " + id, "Choose another one, or make one for the file."));
    }

    /** The layout that reads a file with this first row: the one that was saved for it, else one that fits. */
    public Optional<OrderLayout> reading(List<String> header) {
        List<SavedLayout> saved = all();
        Optional<Long> savedFor = mapper.idOfHeading(fingerprint(header));
        return saved.stream()
                .filter(each -> savedFor.filter(id -> id == each.id()).isPresent())
                .map(each -> each.document().layout())
                .findFirst()
                .or(() -> fitting(saved, header));
    }

    private static Optional<OrderLayout> fitting(List<SavedLayout> saved, List<String> header) {
        Stream<OrderLayout> all =
                Stream.concat(saved.stream().map(each -> each.document().layout()), Stream.of(StandardLayout.LAYOUT));
        return all.filter(each -> each.fits(header)).max(Comparator.comparingInt(each -> each.readsOf(header)));
    }

    /**
     * Keeps a new layout.
     *
     * @param header the first row of the file it was made for; empty for none
     */
    @Transactional
    public SavedLayout add(LayoutDocument document, List<String> header, String signIn) {
        LayoutRules.require(document.layout());
        requireName(document, 0);
        if (mapper.all().size() >= MOST) {
            throw Refusal.unusable(
                    "Layout “" + document.name() + "”", "There are " + MOST + " already.", "Remove one.");
        }
        long id = mapper.insert(document.name(), json.writeValueAsString(document), signIn, clock.instant());
        bind(id, header);
        auditLog.write(
                signIn, "saved a layout", document.name(), document.columns().size() + " columns");
        return byId(id);
    }

    /** Changes one, unless somebody else has since it was looked at. */
    @Transactional
    public SavedLayout change(long id, int version, LayoutDocument document, List<String> header, String signIn) {
        LayoutRules.require(document.layout());
        LayoutRow before =
                mapper.locked(id).orElseThrow(() -> Refusal.notFound("Layout " + id, "Save it as a new one."));
        if (before.version() != version) {
            throw Refusal.changedSince(
                    "Layout “" + before.name() + "”",
                    before.changedBy() + " has changed it since you opened it.",
                    "Open it again, or save yours under another name.");
        }
        requireName(document, id);
        mapper.update(id, document.name(), json.writeValueAsString(document), signIn, clock.instant());
        bind(id, header);
        auditLog.write(
                signIn, "changed a layout", document.name(), document.columns().size() + " columns");
        return byId(id);
    }

    @Transactional
    public void remove(long id, String signIn) {
        String name = byId(id).document().name();
        mapper.delete(id);
        auditLog.write(signIn, "removed a layout", name, "");
    }

    private void requireName(LayoutDocument document, long exceptId) {
        if (mapper.isTaken(document.name(), exceptId) || document.name().equals(StandardLayout.LAYOUT.name())) {
            throw Refusal.unusable(
                    "Layout “" + document.name() + "”", "There is one of that name.", "Give it another name.");
        }
    }

    private void bind(long id, List<String> header) {
        if (!header.isEmpty()) {
            mapper.bind(fingerprint(header), id);
        }
    }

    private SavedLayout saved(LayoutRow row) {
        return new SavedLayout(
                row.id(), row.version(), json.readValue(row.definition(), LayoutDocument.class), row.changedBy());
    }

    /** The same for first rows that say the same, whatever their letter case. */
    private static String fingerprint(List<String> header) {
        return Fingerprint.of(header.stream().map(OrderLayout::plain).collect(Collectors.joining("\n")));
    }
}
