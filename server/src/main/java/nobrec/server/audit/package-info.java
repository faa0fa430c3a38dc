/** Who did what, when. */
package nobrec.server.audit;
