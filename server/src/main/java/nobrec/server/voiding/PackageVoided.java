package nobrec.server.voiding;

import nobrec.server.platform.outbox.Subject;

/**
 * A package of a shipment is void, and the rest has gone without it: its slip and its write-backs are to be made again. Published in
 * the transaction that stores that.
 */
public record PackageVoided(Subject shipment) {}
