package nobrec.server.document.kept;

import java.time.Clock;
import java.util.Collection;
import java.util.List;
import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.SetUpVersion;
import nobrec.server.platform.Shortened;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * The designs that a shop makes, of every kind: their names are theirs for good, since rules and people choose them by that, and
 * none is thrown away, since what it was chosen for is still printed by it.
 */
@Service
public class PaperDesigns {

    private static final int FAILURE_LETTERS = 300;

    private final PaperDesignMapper mapper;
    private final SetUpVersion setUpVersion;
    private final AuditLog auditLog;
    private final Clock clock;

    PaperDesigns(PaperDesignMapper mapper, SetUpVersion setUpVersion, AuditLog auditLog, Clock clock) {
        this.mapper = mapper;
        this.setUpVersion = setUpVersion;
        this.auditLog = auditLog;
        this.clock = clock;
    }

    /** Of a kind, by name. */
    public List<PaperDesignRow> all(PaperDesignKind kind) {
        return mapper.all(kind);
    }

    /** @param others names that are taken without being kept here */
    @Transactional(propagation = Propagation.MANDATORY)
    public void add(PaperDesignKind kind, String name, String definition, Collection<String> others, String signIn) {
        List<PaperDesignRow> there = mapper.all(kind);
        if (others.stream().anyMatch(name::equalsIgnoreCase)
                || there.stream().anyMatch(row -> row.name().equalsIgnoreCase(name))) {
            throw taken(kind, name);
        }
        if (there.size() >= kind.most()) {
            throw Refusal.unusable(kind.thing(name), "There are " + kind.most() + " already.", "Change one of them.");
        }
        try {
            mapper.insert(kind, name, definition, signIn, clock.instant());
        } catch (DuplicateKeyException sameMoment) {
            throw taken(kind, name);
        }
        changed(signIn, "made a " + kind.words(), name);
    }

    private static Refusal taken(PaperDesignKind kind, String name) {
        return Refusal.unusable(kind.thing(name), "There is one of that name.", "Give it another name.");
    }

    /** Changes one, unless somebody else has since it was looked at. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void change(PaperDesignKind kind, long id, int version, String name, String definition, String signIn) {
        PaperDesignRow before = unchanged(kind, id, version);
        if (!name.equals(before.name())) {
            throw Refusal.unusable(
                    kind.thing(before.name()),
                    "It is chosen by its name, which stays.",
                    "Make a copy under the other name.");
        }
        mapper.update(id, definition, signIn, clock.instant());
        changed(signIn, "changed a " + kind.words(), name);
    }

    /** It is no longer to be chosen, or is again. Returns its name. */
    @Transactional(propagation = Propagation.MANDATORY)
    public String withdraw(PaperDesignKind kind, long id, int version, boolean withdrawn, String signIn) {
        String name = unchanged(kind, id, version).name();
        mapper.withdraw(id, withdrawn, signIn, clock.instant());
        changed(signIn, (withdrawn ? "withdrew a " : "offered again a ") + kind.words(), name);
        return name;
    }

    /** It did not print what it should have; what was printed instead is another matter. */
    public void noteFailure(PaperDesignKind kind, String name, String failure) {
        mapper.noteFailure(kind, name, Shortened.to(FAILURE_LETTERS, failure), clock.instant());
    }

    private PaperDesignRow unchanged(PaperDesignKind kind, long id, int version) {
        PaperDesignRow row = mapper.locked(kind, id)
                .orElseThrow(() -> Refusal.notFound(kind.thing(String.valueOf(id)), "Keep yours as a new one."));
        if (row.version() != version) {
            throw Refusal.changedSince(
                    kind.thing(row.name()),
                    row.changedBy() + " has changed it since you opened it.",
                    "Open it again, or keep yours under another name.");
        }
        return row;
    }

    private void changed(String signIn, String act, String name) {
        setUpVersion.changed();
        auditLog.write(signIn, act, name, "");
    }
}
