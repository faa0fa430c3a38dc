/** Making a shipment void until it is handed over: the carrier is asked, and then all that followed on it is reversed. */
package nobrec.server.voiding;
