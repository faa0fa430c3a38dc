package nobrec.server.platform;

import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface SetUpVersionMapper {

    long current();

    /** Another number than any before, also after a change that was given up. */
    @ChangesOneRow
    void change();
}
