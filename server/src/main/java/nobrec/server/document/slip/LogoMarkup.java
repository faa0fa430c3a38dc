package nobrec.server.document.slip;

import java.nio.charset.StandardCharsets;
import java.util.Base64;

/** A logo as markup: its picture stands in the page itself. */
final class LogoMarkup {

    private LogoMarkup() {}

    static String of(Logo logo) {
        return switch (logo.kind()) {
            case PNG -> "<img class=\"logo\" alt=\"\" src=\"data:image/png;base64," + logo.content() + "\"/>";
            case SVG ->
                "<div class=\"logo\">"
                        + new String(Base64.getDecoder().decode(logo.content()), StandardCharsets.UTF_8)
                        + "</div>";
        };
    }
}
