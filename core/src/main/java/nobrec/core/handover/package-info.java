/** What may go with a driver, and what a scan at the handover means. */
package nobrec.core.handover;
