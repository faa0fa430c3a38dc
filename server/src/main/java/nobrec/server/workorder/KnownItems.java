package nobrec.server.workorder;

import java.util.Collection;
import java.util.Optional;
import java.util.function.Function;
import nobrec.core.item.Item;

/** The item list, as far as work orders ask for it. */
public interface KnownItems {

    /** Looks up these numbers at once; letter case and more than one blank do not matter. */
    Function<String, Optional<Item>> of(Collection<String> numbers);
}
