package nobrec.core.address;

/** What of an address something is said about. */
public enum AddressPart {
    NAME,
    STREET,
    CITY,
    STATE,
    POSTAL_CODE,
    COUNTRY
}
