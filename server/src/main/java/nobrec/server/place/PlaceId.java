package nobrec.server.place;

import nobrec.core.address.PlaceKind;
import org.jspecify.annotations.Nullable;

/** The place that is recognized by a key; of a merged one that which it turned out to be. */
record PlaceId(String ownKey, long id, @Nullable PlaceKind kind) {}
