package nobrec.standins.printer;

import com.hp.jipp.model.JobState;

/** A job that the printer has. */
public final class PrintedJob {

    private final int number;
    private final String name;
    private final String format;
    private final byte[] document;
    private final int copies;
    private final String media;
    private JobState state = JobState.pending;

    PrintedJob(int number, String name, String format, byte[] document, int copies, String media) {
        this.number = number;
        this.name = name;
        this.format = format;
        this.document = document.clone();
        this.copies = copies;
        this.media = media;
    }

    public int number() {
        return number;
    }

    public String name() {
        return name;
    }

    public String format() {
        return format;
    }

    public byte[] document() {
        return document.clone();
    }

    public int copies() {
        return copies;
    }

    public String media() {
        return media;
    }

    public boolean isPrinted() {
        return state.equals(JobState.completed);
    }

    JobState state() {
        return state;
    }

    void become(JobState other) {
        state = other;
    }
}
