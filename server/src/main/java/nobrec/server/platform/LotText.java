package nobrec.server.platform;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import nobrec.core.item.LotShare;

/** Lots as a column keeps them: {@code A2231=4;A2240=2}. */
public final class LotText {

    private LotText() {}

    public static String write(List<LotShare> lots) {
        return lots.stream().map(lot -> lot.lot() + "=" + lot.quantity()).collect(Collectors.joining(";"));
    }

    /** For people: {@code lot A2231 (4), A2240 (2)}; empty text for none. */
    public static String say(List<LotShare> lots) {
        return lots.isEmpty()
                ? ""
                : "lot "
                        + lots.stream()
                                .map(lot -> lot.lot() + " (" + lot.quantity() + ")")
                                .collect(Collectors.joining(", "));
    }

    public static List<LotShare> read(String text) {
        return Arrays.stream(text.split(";"))
                .filter(each -> !each.isEmpty())
                .map(each -> {
                    int equals = each.lastIndexOf('=');
                    return new LotShare(each.substring(0, equals), Integer.parseInt(each.substring(equals + 1)));
                })
                .toList();
    }
}
