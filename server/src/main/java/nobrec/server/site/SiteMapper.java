package nobrec.server.site;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface SiteMapper {

    List<Site> all();

    void insert(Site site);
}
