package nobrec.server.wordbook;

import java.util.List;

/** The record systems that a work order can belong to. */
public interface RecordSystems {

    /** @param code as it is kept with a work order; @param name as people call it */
    record Named(String code, String name) {}

    List<Named> recordSystems();
}
