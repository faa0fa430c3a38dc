package nobrec.server.account;

import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface AppUserMapper {

    Optional<AppUser> find(String signIn);

    void insert(AppUser user);
}
