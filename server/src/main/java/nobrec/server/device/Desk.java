package nobrec.server.device;

import java.util.Optional;

/**
 * What stands at a desk, by the codes of its connections; whoever works there has it set in the browser.
 *
 * @param scale empty for the shop's usual one
 * @param frame empty where there is no measuring frame
 */
public record Desk(Optional<String> scale, Optional<String> frame) {

    /** With the shop's usual scale and no frame. */
    public static final Desk USUAL = new Desk(Optional.empty(), Optional.empty());
}
