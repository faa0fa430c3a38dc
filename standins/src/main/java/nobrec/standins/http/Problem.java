package nobrec.standins.http;

/**
 * Why a stand-in did not do what it was asked.
 *
 * @param key of the request that is refused; empty text when it is about no request in particular
 */
public record Problem(String key, String reason) {}
