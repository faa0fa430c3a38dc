package nobrec.standins.http;

/** Why a stand-in did not do what it was asked. */
public record Problem(String reason) {}
