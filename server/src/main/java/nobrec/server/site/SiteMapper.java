package nobrec.server.site;

import java.time.LocalDate;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface SiteMapper {

    List<Site> all();

    void insert(Site site);

    List<LocalDate> closingDays(long siteId);

    void insertClosingDay(@Param("siteId") long siteId, @Param("day") LocalDate day, @Param("reason") String reason);
}
