package nobrec.server.source;

import java.time.Instant;

/** A run on its way into the table; the database gives it its id. */
final class NewImportRun {

    private final String fileName;
    private final String layoutName;
    private final Instant at;
    private final String signIn;
    private long id;

    NewImportRun(String fileName, String layoutName, Instant at, String signIn) {
        this.fileName = fileName;
        this.layoutName = layoutName;
        this.at = at;
        this.signIn = signIn;
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
}
