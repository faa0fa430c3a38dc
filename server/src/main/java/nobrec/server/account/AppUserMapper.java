package nobrec.server.account;

import java.util.Optional;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface AppUserMapper {

    Optional<AppUser> find(String signIn);

    @ChangesOneRow
    void updateSite(@Param("signIn") String signIn, @Param("site") String site);

    void insert(AppUser user);
}
