/** What comes back from customers: why, who pays, where it stands, and what came. */
package nobrec.core.returns;
