package nobrec.server.account;

import java.util.List;
import java.util.Optional;
import nobrec.server.api.security.PresentAccounts;
import nobrec.server.api.security.Role;
import nobrec.server.api.security.SignInGate;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;

/** The people who can sign in. */
@Service
public class Accounts implements UserDetailsService, PresentAccounts {

    private final AppUserMapper mapper;
    private final Sites sites;
    private final PasswordEncoder encoder;

    Accounts(AppUserMapper mapper, Sites sites, PasswordEncoder encoder) {
        this.sites = sites;
        this.mapper = mapper;
        this.encoder = encoder;
    }

    @Override
    public UserDetails loadUserByUsername(String signIn) {
        AppUser user = mapper.find(SignInGate.spelled(signIn))
                .orElseThrow(() -> new UsernameNotFoundException("Nobody signs in so."));
        return User.withUsername(user.signIn())
                .password(user.passwordHash())
                .authorities(user.role().authorities())
                .disabled(!user.active())
                .build();
    }

    @Override
    public Optional<Role> roleOf(String signIn) {
        return mapper.find(signIn).filter(AppUser::active).map(AppUser::role);
    }

    public Optional<AppUser> find(String signIn) {
        return mapper.find(signIn);
    }

    /** How a person is called on screens; the sign-in itself for one who is gone. */
    public String displayName(String signIn) {
        return mapper.find(signIn).map(AppUser::displayName).orElse(signIn);
    }

    /** The sites a person looks at: one, or all. */
    public List<Site> sitesOf(String signIn) {
        String code = mapper.find(signIn).map(AppUser::siteCode).orElse("");
        return code.equals(AppUser.ALL_SITES) ? sites.all() : List.of(sites.orHome(code));
    }

    /** @param site code of one of ours, or {@link AppUser#ALL_SITES} */
    void lookAt(String signIn, String site) {
        mapper.updateSite(
                signIn,
                site.equals(AppUser.ALL_SITES) ? site : sites.byCode(site).code());
    }

    public void add(String signIn, String displayName, Role role, String password) {
        mapper.insert(
                new AppUser(0, SignInGate.spelled(signIn), displayName, encoder.encode(password), role, true, ""));
    }
}
