package nobrec.core.partner;

/** Why a job does not meet what its partner demands. */
public record PartnerProblem(String reason, String remedy) {}
