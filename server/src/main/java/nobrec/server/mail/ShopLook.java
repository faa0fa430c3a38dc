package nobrec.server.mail;

/**
 * How the shop shows itself to its customers.
 *
 * @param color # and six hexadecimal digits
 * @param closing what stands below everything
 * @param reachedAt where customers reach this server, without a slash at its end; empty text: they do not
 * @param logo the picture, as an address that holds it (RFC 2397); empty text for none
 */
public record ShopLook(String name, String color, String closing, String reachedAt, String logo) {}
