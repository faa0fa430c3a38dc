package nobrec.core.customs;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** Who bears cost and risk up to where. Source: ICC Incoterms 2020, from memory. */
public enum Incoterm {
    EXW("Ex works"),
    FCA("Free carrier"),
    FAS("Free alongside ship"),
    FOB("Free on board"),
    CFR("Cost and freight"),
    CIF("Cost, insurance and freight"),
    CPT("Carriage paid to"),
    CIP("Carriage and insurance paid to"),
    DAP("Delivered at place"),
    DPU("Delivered at place unloaded"),
    DDP("Delivered duty paid");

    private final String words;

    Incoterm(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Only by one of them the seller pays what the country of arrival asks. */
    public DutyPayer dutyPayer() {
        return this == DDP ? DutyPayer.SENDER : DutyPayer.RECEIVER;
    }

    /** By its letters, a place behind them aside: {@code DAP}, {@code dap Hamburg}. */
    public static Optional<Incoterm> read(String text) {
        String letters = text.strip().toUpperCase(Locale.ROOT).split("[^A-Z]", 2)[0];
        return Arrays.stream(values())
                .filter(each -> each.name().equals(letters) || each.words.equalsIgnoreCase(text.strip()))
                .findFirst();
    }
}
