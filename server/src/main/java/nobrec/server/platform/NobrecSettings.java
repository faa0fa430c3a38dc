package nobrec.server.platform;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import nobrec.core.measure.UnitSystem;
import nobrec.core.notation.DecimalMark;
import org.joda.money.CurrencyUnit;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.validation.annotation.Validated;

/**
 * What is set from outside.
 *
 * @param units units the shop writes its measures in
 * @param currency in which the shop calculates and compares
 * @param handover how packages are handed to drivers
 * @param decimals which mark stands before the decimals in what the shop writes
 */
@Validated
@ConfigurationProperties("nobrec")
public record NobrecSettings(
        @NotNull UnitSystem units,
        @NotNull DecimalMark decimals,
        @NotNull CurrencyUnit currency,
        @NotNull Accounts accounts,
        @NotNull Handover handover) {

    /**
     * @param closesUnscanned whether all that waits can be handed over without scanning it
     * @param shelfField name of the shop's own field of a job that says where it stands
     */
    public record Handover(
            boolean closesUnscanned, @NotBlank String shelfField) {}

    public record Accounts(
            @NotBlank String freightExpense, @NotBlank String freightLiability) {}
}
