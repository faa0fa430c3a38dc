package nobrec.standins.mail;

/** How the mail server treats mail. */
public enum MailMood {
    TAKES_ALL("takes everything"),
    GREYLISTS("says later to each address the first time (451)"),
    REFUSES_ADDRESS("knows no address (550)"),
    FULL("takes the mail and says that the mailbox is full (552)"),
    HANGS("gives no answer once the mail begins"),
    BREAKS_OFF("takes the whole mail, keeps it, and breaks off without an answer");

    private final String words;

    MailMood(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
