package nobrec.server.demo;

import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface DemoClockMapper {

    long aheadSeconds();

    @ChangesOneRow
    void goOn(long seconds);
}
