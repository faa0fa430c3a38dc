package nobrec.server.source;

import java.util.Optional;
import nobrec.core.intake.OrderDefaults;
import nobrec.core.layout.OrderLayout;

/**
 * A source as it is set up.
 *
 * @param layout which of its fields feeds which of ours; empty until somebody has said so
 * @param query the SELECT it is read by; empty text where it needs none, or nobody has written one
 */
record SourceSetUp(
        String code,
        String name,
        String adapter,
        int version,
        Optional<OrderLayout> layout,
        OrderDefaults defaults,
        int everyMinutes,
        About about,
        String query) {

    SourceSetUp readBy(String other) {
        return new SourceSetUp(code, name, adapter, version, layout, defaults, everyMinutes, about, other);
    }
}
