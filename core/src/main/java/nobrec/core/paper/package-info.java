/** What stands where on a paper, not how it is drawn. */
package nobrec.core.paper;
