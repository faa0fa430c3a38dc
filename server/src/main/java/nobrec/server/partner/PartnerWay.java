package nobrec.server.partner;

import java.util.stream.Stream;

/** How a partner gets what it is told; each is an adapter. */
enum PartnerWay {
    HTTP("partner-http", "", "called over HTTP"),
    FOLDER("partner-folder", "folder://", "files in a folder"),
    FETCHED("partner-fetched", "fetched://", "the partner comes for it");

    private final String adapter;
    private final String scheme;
    private final String words;

    PartnerWay(String adapter, String scheme, String words) {
        this.adapter = adapter;
        this.scheme = scheme;
        this.words = words;
    }

    String adapter() {
        return adapter;
    }

    String words() {
        return words;
    }

    /** As its connection has it, of what is typed. */
    String address(String typed) {
        return typed.startsWith(scheme) ? typed : scheme + typed;
    }

    /** As it is typed. */
    String typed(String address) {
        return address.startsWith(scheme) ? address.substring(scheme.length()) : address;
    }

    static PartnerWay of(String adapter) {
        return Stream.of(values())
                .filter(each -> each.adapter.equals(adapter))
                .findFirst()
                .orElse(HTTP);
    }
}
