/** Packing slips: their designs, what stands on them, and how they are set. */
package nobrec.server.document.slip;
