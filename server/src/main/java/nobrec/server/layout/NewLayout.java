package nobrec.server.layout;

import java.time.Instant;

/** A layout on its way into the table; the database gives it its id. */
final class NewLayout {

    private final String name;
    private final String definition;
    private final String changedBy;
    private final Instant changedAt;
    private long id;

    NewLayout(String name, String definition, String changedBy, Instant changedAt) {
        this.name = name;
        this.definition = definition;
        this.changedBy = changedBy;
        this.changedAt = changedAt;
    }

    public long getId() {
        return id;
    }

    public String getName() {
        return name;
    }

    public String getDefinition() {
        return definition;
    }

    public String getChangedBy() {
        return changedBy;
    }

    public Instant getChangedAt() {
        return changedAt;
    }
}
