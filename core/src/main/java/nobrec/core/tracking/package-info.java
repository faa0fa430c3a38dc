/** What becomes of packages on their way: from what a carrier says of them to when they will be there. */
package nobrec.core.tracking;
