/** Layouts: which column of a file or record feeds which field, in which notation; and guesses for those nobody has seen. */
package nobrec.core.layout;
