package nobrec.server.document.sticker;

import java.util.List;

/**
 * What stands on one sticker, as it is printed.
 *
 * @param about what it is of, for who is told that it does not fit
 * @param barcode text of it; empty text for none
 */
public record StickerText(String about, String barcode, List<String> lines) {}
