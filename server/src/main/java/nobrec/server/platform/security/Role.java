package nobrec.server.platform.security;

/** What a person may do. */
public enum Role {
    COORDINATOR,
    PACKER,
    BOOKKEEPER,
    OWNER,
    ADMINISTRATOR
}
