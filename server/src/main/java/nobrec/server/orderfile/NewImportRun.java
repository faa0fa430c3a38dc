package nobrec.server.orderfile;

import java.time.Instant;

/** A run on its way into the table; the database gives it its id. */
final class NewImportRun {

    private final String fileName;
    private final String layoutName;
    private final Instant at;
    private final String signIn;
    private final ImportState state;
    private final String reading;
    private final int rowCount;
    private long id;

    NewImportRun(
            String fileName,
            String layoutName,
            Instant at,
            String signIn,
            ImportState state,
            String reading,
            int rowCount) {
        this.fileName = fileName;
        this.layoutName = layoutName;
        this.at = at;
        this.signIn = signIn;
        this.state = state;
        this.reading = reading;
        this.rowCount = rowCount;
    }

    public long getId() {
        return id;
    }

    public String getFileName() {
        return fileName;
    }

    public String getLayoutName() {
        return layoutName;
    }

    public Instant getAt() {
        return at;
    }

    public String getSignIn() {
        return signIn;
    }

    public ImportState getState() {
        return state;
    }

    public String getReading() {
        return reading;
    }

    public int getRowCount() {
        return rowCount;
    }
}
