package nobrec.server.connection;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import nobrec.core.limit.Limits;
import nobrec.server.api.security.ForAdministrators;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Connections, as an administrator sets them up. A kept secret never leaves the server. */
@RestController
@Tag(name = "connections")
class ConnectionController {

    record ConnectionList(List<ConnectionView> rows) {}

    /**
     * @param hasSecret whether a password or token is kept
     * @param leftAlone whether this server does not call it for a moment, because it did not answer
     */
    record ConnectionView(
            String code,
            String name,
            String adapter,
            String address,
            int timeLimitMillis,
            String userName,
            boolean hasSecret,
            boolean leftAlone) {}

    /**
     * @param secret left out: the one that is kept
     * @param sure changes the address even while something has no certain answer from the old one
     */
    record ConnectionChange(
            @NotNull @Size(max = Limits.ADDRESS_OUTSIDE) String address,
            int timeLimitMillis,
            @NotNull @Size(max = Limits.TEXT) String userName,
            Optional<@Size(max = Limits.SECRET) String> secret,
            Optional<Boolean> sure) {}

    private final Connections connections;
    private final HttpCalls calls;

    ConnectionController(Connections connections, HttpCalls calls) {
        this.connections = connections;
        this.calls = calls;
    }

    @GetMapping("/api/v1/connections")
    @ForAdministrators
    ConnectionList connections() {
        return new ConnectionList(connections.rows().stream().map(this::view).toList());
    }

    @PutMapping("/api/v1/connections/{code}")
    @ForAdministrators
    ConnectionList change(@PathVariable String code, @Valid @RequestBody ConnectionChange change, Principal who) {
        connections.change(
                code,
                new Connections.Change(
                        change.address(),
                        Duration.ofMillis(change.timeLimitMillis()),
                        new Connections.CredentialsChange(
                                change.userName(), change.secret().filter(each -> !each.isEmpty())),
                        change.sure().orElse(false)),
                who.getName());
        return connections();
    }

    private ConnectionView view(ConnectionRow row) {
        return new ConnectionView(
                row.code(),
                row.name(),
                row.adapter(),
                row.address(),
                row.timeLimitMillis(),
                row.userName(),
                row.secret() != null,
                calls.leavesAlone(row.code()));
    }
}
