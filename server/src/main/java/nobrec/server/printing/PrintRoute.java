package nobrec.server.printing;

import nobrec.server.document.PaperKind;

/**
 * Which printer prints a kind of paper at a desk; a row of table print_route.
 *
 * @param tray empty text for the usual one
 */
public record PrintRoute(PaperKind paperKind, String printerCode, int copies, String tray) {}
