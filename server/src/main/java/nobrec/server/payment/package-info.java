/** Whether the invoices of jobs that must be paid first are paid: asked by timer, told by the books, or released by a person. */
package nobrec.server.payment;
