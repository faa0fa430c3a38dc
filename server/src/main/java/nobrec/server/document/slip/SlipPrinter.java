package nobrec.server.document.slip;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import nobrec.core.paper.PeelOff;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;

/** Sets packing slips by their design. */
@Component
public class SlipPrinter {

    /** @param fault why it was not set by its own template or style sheet, but by ours; empty where it was */
    public record Print(byte[] pdf, Optional<String> fault) {}

    private final String template;
    private final String style;

    SlipPrinter(
            @Value("classpath:paper/packing-slip.mustache") Resource template,
            @Value("classpath:paper/packing-slip.css") Resource style)
            throws IOException {
        this.template = template.getContentAsString(StandardCharsets.UTF_8);
        this.style = style.getContentAsString(StandardCharsets.UTF_8);
    }

    /** Ours, to begin one's own with. */
    public String template() {
        return template;
    }

    public String style() {
        return style;
    }

    /** The slip, whatever its own template, logo or style sheet does: what has left has a slip. */
    Print print(SlipText text, SlipDesignDocument design, Optional<PeelOff> peelOff) {
        Optional<String> first = Optional.empty();
        for (SlipDesignDocument each : List.of(design, design.plain(), design.bare())) {
            try {
                return new Print(set(text, each, peelOff), first);
            } catch (SlipFault fault) {
                first = first.or(() -> Optional.of(fault.words()));
            } catch (RuntimeException failed) {
                first = first.or(() -> Optional.of(String.valueOf(failed.getMessage())));
            }
        }
        throw new IllegalStateException(
                "The packing slip of job " + text.job() + " cannot be set: " + first.orElse(""));
    }

    byte[] set(SlipText text, SlipDesignDocument design, Optional<PeelOff> peelOff) throws SlipFault {
        SlipBounds bounds = design.isPlain() ? SlipBounds.OURS : SlipBounds.OWN;
        String markup = design.markup().isBlank() ? template : design.markup();
        return new SlipPages(design.sheet(), peelOff, style, design.style(), bounds)
                .set(new SlipTemplate(markup, bounds).expand(SlipFields.of(text, design)));
    }
}
