package nobrec.server.document.kept;

/** What something is chosen for once, for all papers of a kind. */
public enum PaperPurpose {
    /** Slips of jobs that stay in the country and that no rule chooses a design for. */
    SLIP_AT_HOME("the slip design for jobs at home"),
    SLIP_ABROAD("the slip design for jobs abroad"),
    /** The list of what is in one package, for its side. */
    SLIP_ON_BOX("the slip design for the side of a package"),
    LABEL_SHEET("the paper of labels");

    private final String words;

    PaperPurpose(String words) {
        this.words = words;
    }

    String words() {
        return words;
    }
}
