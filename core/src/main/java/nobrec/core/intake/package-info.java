/** Rows of a file into work orders, or into named faults. */
package nobrec.core.intake;
