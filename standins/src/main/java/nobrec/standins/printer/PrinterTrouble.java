package nobrec.standins.printer;

/** What is wrong with a printer, as somebody told it on its page. */
public enum PrinterTrouble {
    NONE("ready"),
    OUT_OF_PAPER("out of paper"),
    OFF("switched off"),
    BUSY("busy: takes no job"),
    /** The next job is taken, its answer is lost, and the printer is off; it knows the job still when it is back. */
    TAKES_AND_DIES("takes the next job, says nothing, and goes off"),
    /** The same for a job that it has taken: it is off, and knows nothing when it is back. */
    FORGETS("off, and forgets its jobs");

    private final String words;

    PrinterTrouble(String words) {
        this.words = words;
    }

    String words() {
        return words;
    }
}
