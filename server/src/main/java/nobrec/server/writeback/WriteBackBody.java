package nobrec.server.writeback;

import java.util.LinkedHashMap;
import java.util.Map;
import nobrec.core.writeback.WriteBack;

/** What is written for one job, as JSON: its fields, and those of each package and line under these names. */
public final class WriteBackBody {

    static final String PACKAGES = "packages";
    static final String LINES = "lines";

    private WriteBackBody() {}

    /** What a field of a package or line is called where what stands there is told. */
    public static String nameOfPart(String list, int number, String field) {
        return list + "/" + number + "/" + field;
    }

    public static Map<String, Object> of(WriteBack writeBack) {
        return of(writeBack, false);
    }

    static Map<String, Object> of(WriteBack writeBack, boolean withNumber) {
        Map<String, Object> body = new LinkedHashMap<>();
        if (withNumber) {
            body.put("number", writeBack.number());
        }
        body.putAll(writeBack.fields());
        if (!writeBack.packages().isEmpty()) {
            body.put(PACKAGES, writeBack.packages());
        }
        if (!writeBack.lines().isEmpty()) {
            body.put(LINES, writeBack.lines());
        }
        return body;
    }
}
