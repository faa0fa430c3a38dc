package nobrec.server.document;

import java.util.List;
import nobrec.core.partner.ElementString;

/**
 * What stands on a logistics label, ready to be drawn.
 *
 * @param symbols what the bars say, from top to bottom
 */
record LogisticsLabelText(
        List<String> from, LabelText.Receiver to, List<Field> fields, List<List<ElementString>> symbols) {

    /** @param wide whether it takes the whole width */
    record Field(String title, String value, boolean wide) {}
}
