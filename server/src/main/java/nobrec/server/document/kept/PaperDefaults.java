package nobrec.server.document.kept;

import java.time.Clock;
import java.util.EnumMap;
import java.util.Map;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.SetUpVersion;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What a shop chose once for all papers of a kind. */
@Service
public class PaperDefaults {

    private final PaperDefaultMapper mapper;
    private final SetUpVersion setUpVersion;
    private final AuditLog auditLog;
    private final Clock clock;

    PaperDefaults(PaperDefaultMapper mapper, SetUpVersion setUpVersion, AuditLog auditLog, Clock clock) {
        this.mapper = mapper;
        this.setUpVersion = setUpVersion;
        this.auditLog = auditLog;
        this.clock = clock;
    }

    /** Without those that nobody has chosen yet. */
    public Map<PaperPurpose, String> all() {
        Map<PaperPurpose, String> all = new EnumMap<>(PaperPurpose.class);
        mapper.all().forEach(row -> all.put(row.purpose(), row.value()));
        return all;
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public void set(PaperPurpose purpose, String value, String signIn) {
        mapper.set(purpose, value, signIn, clock.instant());
        setUpVersion.changed();
        auditLog.write(signIn, "chose " + purpose.words(), value, "");
    }
}
