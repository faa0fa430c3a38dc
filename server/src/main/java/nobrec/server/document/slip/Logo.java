package nobrec.server.document.slip;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import nobrec.core.limit.Limits;

/**
 * A shop's logo, as slips carry it.
 *
 * @param content the picture, as Base64
 */
public record Logo(
        @NotNull Kind kind,

        @NotNull @Size(max = (Limits.LOGO_BYTES + 2) / 3 * 4)
        String content) {

    public enum Kind {
        PNG,
        SVG
    }
}
