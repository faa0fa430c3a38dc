package nobrec.server.account;

import java.util.Optional;
import nobrec.server.api.security.PresentAccounts;
import nobrec.server.api.security.Role;
import nobrec.server.api.security.SignInGate;
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
    private final PasswordEncoder encoder;

    Accounts(AppUserMapper mapper, PasswordEncoder encoder) {
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

    public void add(String signIn, String displayName, Role role, String password) {
        mapper.insert(new AppUser(0, SignInGate.spelled(signIn), displayName, encoder.encode(password), role, true));
    }
}
