/** Needs attention: what keeps jobs from going, with the field in which it is put right. */
package nobrec.server.attention;
