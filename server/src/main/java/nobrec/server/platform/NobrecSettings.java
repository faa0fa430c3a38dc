package nobrec.server.platform;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.net.URI;
import java.time.Duration;
import nobrec.core.measure.UnitSystem;
import nobrec.core.notation.DecimalMark;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.validation.annotation.Validated;

/**
 * What is set from outside.
 *
 * @param units units the shop writes its measures in
 * @param decimals which mark stands before the decimals in what the shop writes
 * @param outside where carriers, books and order desk answer
 */
@Validated
@ConfigurationProperties("nobrec")
public record NobrecSettings(
        @NotNull UnitSystem units,
        @NotNull DecimalMark decimals,
        @NotNull Outside outside,
        @NotNull Scale scale,
        @NotNull Accounts accounts) {

    public record Outside(@NotNull URI address, @NotNull Duration timeLimit) {}

    public record Scale(@NotBlank String host, int port) {}

    public record Accounts(
            @NotBlank String freightExpense, @NotBlank String freightLiability) {}
}
