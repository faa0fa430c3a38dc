/** The work orders, however they came in. */
package nobrec.server.workorder;
