package nobrec.server.source;

import java.util.List;

/** The first rows that a SELECT gives, as they stand there. */
public record SampleRows(List<String> columns, List<List<String>> rows) {}
