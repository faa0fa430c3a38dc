package nobrec.server.api.security;

/** What somebody may do; a {@link Role} is a set of these. The screens ask for them and offer nothing else. */
public enum Permission {
    /** Packs, weighs, chooses a service and ships. */
    PACK_AND_SHIP,
    /** Brings records and rate sheets in. */
    BRING_IN,
    /** Has write-backs tried again. */
    WRITE_BACK,
    /** Sees what customers pay and what is written back. */
    SEE_CHARGES,
    /** Decides by which house rules the shop ships. */
    KEEP_RULES,
    /** Sets up what is outside: addresses, credentials, time limits. */
    SET_UP
}
