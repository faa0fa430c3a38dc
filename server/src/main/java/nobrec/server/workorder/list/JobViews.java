package nobrec.server.workorder.list;

import java.util.List;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lists that are kept under a name, a person's own and the shop's. */
@Service
class JobViews {

    /** The shop as an owner. */
    static final String SHOP = "";

    private final JobViewMapper mapper;
    private final AuditLog auditLog;

    JobViews(JobViewMapper mapper, AuditLog auditLog) {
        this.mapper = mapper;
        this.auditLog = auditLog;
    }

    List<JobViewRow> of(String signIn) {
        return mapper.of(signIn);
    }

    /** @param isStart whether Jobs shows it first; only one of an owner's can be that */
    @Transactional
    public void keep(String owner, String name, String query, boolean isStart, String signIn) {
        if (mapper.count(owner) >= Limits.KEPT_LISTS) {
            throw Refusal.conflict(
                    "List “" + name + "”",
                    "There are " + Limits.KEPT_LISTS + " kept lists, which is the most.",
                    "Forget one that is not used.");
        }
        if (isStart) {
            mapper.noStart(owner);
        }
        mapper.keep(owner, name.strip(), query, isStart);
        if (owner.equals(SHOP)) {
            auditLog.write(signIn, "kept a list for the shop", "List “" + name + "”", query);
        }
    }

    @Transactional
    public void forget(long id, String owner, String signIn) {
        if (mapper.forget(id, owner) == 0) {
            throw Refusal.notFound("The list", "Reload the page.");
        }
        if (owner.equals(SHOP)) {
            auditLog.write(signIn, "forgot a list of the shop", "List " + id, "");
        }
    }
}
