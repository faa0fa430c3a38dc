package nobrec.core.intake;

import java.util.Map;
import nobrec.core.layout.OrderField;

/**
 * What counts for the work orders of a source where it says nothing.
 *
 * @param texts of service, carton, terms and site
 */
public record OrderDefaults(Map<OrderField, String> texts) {

    public static final OrderDefaults NONE = new OrderDefaults(Map.of());

    public OrderDefaults {
        texts = Map.copyOf(texts);
    }

    String of(OrderField field) {
        return texts.getOrDefault(field, "");
    }
}
