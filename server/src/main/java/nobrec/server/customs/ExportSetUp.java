package nobrec.server.customs;

import nobrec.core.customs.DeclaredTerms;
import nobrec.core.customs.ExportReason;
import nobrec.core.customs.Incoterm;

/**
 * How the shop declares; a row of table export_set_up.
 *
 * @param signer who signs export papers; empty text for nobody yet
 * @param taxNumber of the exporter, as papers show it; empty text for none
 * @param forwarder who is instructed, line by line; empty text for the carrier itself
 * @param version changes with each change, so that two people do not undo each other's
 */
public record ExportSetUp(
        int version,
        String signer,
        String signerTitle,
        String taxNumber,
        Incoterm incoterm,
        ExportReason reason,
        String forwarder) {

    static final ExportSetUp AT_FIRST = new ExportSetUp(
            0, "", "", "", DeclaredTerms.Usual.AT_FIRST.incoterm(), DeclaredTerms.Usual.AT_FIRST.reason(), "");

    DeclaredTerms.Usual usual() {
        return new DeclaredTerms.Usual(incoterm, reason);
    }
}
