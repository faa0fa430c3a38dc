package nobrec.server.api.security;

import static nobrec.server.api.security.Permission.BRING_IN;
import static nobrec.server.api.security.Permission.KEEP_RULES;
import static nobrec.server.api.security.Permission.PACK_AND_SHIP;
import static nobrec.server.api.security.Permission.SEE_CHARGES;
import static nobrec.server.api.security.Permission.SET_UP;
import static nobrec.server.api.security.Permission.WRITE_BACK;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;

/** What a person is in the shop, and so may do. */
public enum Role {
    COORDINATOR(PACK_AND_SHIP, BRING_IN, WRITE_BACK, SEE_CHARGES, KEEP_RULES),
    PACKER(PACK_AND_SHIP),
    BOOKKEEPER(WRITE_BACK, SEE_CHARGES),
    OWNER(SEE_CHARGES, KEEP_RULES),
    ADMINISTRATOR(BRING_IN, WRITE_BACK, SEE_CHARGES, KEEP_RULES, SET_UP);

    private final Set<Permission> permissions;

    Role(Permission... permissions) {
        this.permissions = Set.of(permissions);
    }

    /** In the order of their names. */
    public List<Permission> permissions() {
        return List.copyOf(new TreeSet<>(permissions));
    }

    /** The role and its permissions, as the security framework asks for them. */
    public List<GrantedAuthority> authorities() {
        return Stream.concat(Stream.of("ROLE_" + name()), permissions().stream().map(Permission::name))
                .<GrantedAuthority>map(SimpleGrantedAuthority::new)
                .toList();
    }
}
