package nobrec.server.workorder.list;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.List;
import nobrec.core.limit.Limits;
import nobrec.server.api.security.ForCoordinators;
import nobrec.server.api.security.ForEveryone;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Job lists that are kept under a name. */
@RestController
@Tag(name = "work orders")
class JobViewController {

    record KeptLists(List<KeptList> rows) {}

    /**
     * @param query words of its address
     * @param ofShop whether all of the shop have it
     * @param start whether Jobs shows it first
     */
    record KeptList(long id, String name, String query, boolean ofShop, boolean start) {}

    /** @param query words of its address */
    record NewList(
            @NotBlank @Size(max = Limits.LAYOUT_NAME) String name,

            @NotNull @Size(max = Limits.CELL) @Pattern(regexp = WORDS)
            String query,

            boolean start) {}

    /** Names with what they say, as an address has them. */
    private static final String WORDS = "(?:[^=&]{1,200}=[^=&]*(?:&[^=&]{1,200}=[^=&]*)*)?";

    private final JobViews views;

    JobViewController(JobViews views) {
        this.views = views;
    }

    /** One's own, and those of the shop. */
    @GetMapping("/api/v1/job-views")
    @ForEveryone
    KeptLists list(Principal who) {
        return new KeptLists(views.of(who.getName()).stream()
                .map(row -> new KeptList(
                        row.id(), row.name(), row.query(), row.owner().equals(JobViews.SHOP), row.isStart()))
                .toList());
    }

    /** Keeps a list for oneself; one of that name is replaced. */
    @PostMapping("/api/v1/job-views")
    @ForEveryone
    void keep(@Valid @RequestBody NewList list, Principal who) {
        views.keep(who.getName(), list.name(), list.query(), list.start(), who.getName());
    }

    /** Keeps a list for all of the shop; one of that name is replaced. */
    @PostMapping("/api/v1/job-views/of-shop")
    @ForCoordinators
    void keepForShop(@Valid @RequestBody NewList list, Principal who) {
        views.keep(JobViews.SHOP, list.name(), list.query(), list.start(), who.getName());
    }

    @DeleteMapping("/api/v1/job-views/{id}")
    @ForEveryone
    void forget(@PathVariable long id, Principal who) {
        views.forget(id, who.getName(), who.getName());
    }

    @DeleteMapping("/api/v1/job-views/of-shop/{id}")
    @ForCoordinators
    void forgetOfShop(@PathVariable long id, Principal who) {
        views.forget(id, JobViews.SHOP, who.getName());
    }
}
