package nobrec.server.task;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.security.Principal;
import nobrec.core.refusal.Refusal;
import nobrec.server.account.Accounts;
import nobrec.server.api.security.ForCoordinators;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.task.TaskState;
import nobrec.server.platform.task.Tasks;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** Long work: how far it is. */
@RestController
@Tag(name = "tasks")
class TaskController {

    /**
     * @param subject what it works on
     * @param phase what is being done or counted
     * @param total zero where it is not known yet
     * @param problem why it failed; empty text where it did not
     */
    record TaskView(
            long id,
            String subject,
            TaskState state,
            String phase,
            long done,
            long total,
            String problem,
            String by,
            boolean stopping) {}

    private final Tasks tasks;
    private final Accounts accounts;
    private final AuditLog auditLog;

    TaskController(Tasks tasks, Accounts accounts, AuditLog auditLog) {
        this.tasks = tasks;
        this.accounts = accounts;
        this.auditLog = auditLog;
    }

    @GetMapping("/api/v1/tasks/{id}")
    @ForEveryone
    TaskView task(@PathVariable long id) {
        return view(
                tasks.find(id).orElseThrow(() -> Refusal.notFound("Task " + id, "It is long done. Reload the page.")));
    }

    /** Stops it where it stands; what it has done stays. */
    @PostMapping("/api/v1/tasks/{id}/stop")
    @ForCoordinators
    TaskView stop(@PathVariable long id, Principal who) {
        Tasks.Standing task = tasks.stop(id);
        auditLog.write(who.getName(), "stopped a task", task.subject(), task.done() + " of " + task.total());
        return view(task);
    }

    private TaskView view(Tasks.Standing task) {
        return new TaskView(
                task.id(),
                task.subject(),
                task.state(),
                task.phase(),
                task.done(),
                task.total(),
                task.problem(),
                accounts.displayName(task.startedBy()),
                task.stopRequested() && task.state() == TaskState.RUNNING);
    }
}
