package nobrec.server.account;

import java.util.Optional;
import nobrec.server.platform.security.Role;
import nobrec.server.platform.security.SignInAttempts;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;

/** The people who can sign in. */
@Service
public class Accounts implements UserDetailsService {

    private final AppUserMapper mapper;
    private final PasswordEncoder encoder;
    private final SignInAttempts attempts;

    Accounts(AppUserMapper mapper, PasswordEncoder encoder, SignInAttempts attempts) {
        this.mapper = mapper;
        this.encoder = encoder;
        this.attempts = attempts;
    }

    @Override
    public UserDetails loadUserByUsername(String signIn) {
        AppUser user = mapper.find(signIn).orElseThrow(() -> new UsernameNotFoundException("Nobody signs in so."));
        return User.withUsername(user.signIn())
                .password(user.passwordHash())
                .roles(user.role().name())
                .disabled(!user.active())
                .accountLocked(attempts.isClosed(signIn))
                .build();
    }

    public Optional<AppUser> find(String signIn) {
        return mapper.find(signIn);
    }

    /** How a person is called on screens; the sign-in itself for one who is gone. */
    public String displayName(String signIn) {
        return mapper.find(signIn).map(AppUser::displayName).orElse(signIn);
    }

    public void add(String signIn, String displayName, Role role, String password) {
        mapper.insert(new AppUser(signIn, displayName, encoder.encode(password), role, true));
    }
}
