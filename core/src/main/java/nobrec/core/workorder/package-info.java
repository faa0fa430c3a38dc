/** What the shop made or serviced, to be shipped. */
package nobrec.core.workorder;
