package nobrec.server.document.kept;

import nobrec.core.limit.Limits;

/** What is designed. */
public enum PaperDesignKind {
    SLIP("slip design", Limits.SLIP_DESIGNS),
    STICKERS("sticker sheet", Limits.STICKER_SHEETS);

    private final String words;
    private final int most;

    PaperDesignKind(String words, int most) {
        this.words = words;
        this.most = most;
    }

    String words() {
        return words;
    }

    int most() {
        return most;
    }

    /** As a refusal names it: {@code Slip design “ours”}. */
    String thing(String name) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1) + " “" + name + "”";
    }
}
