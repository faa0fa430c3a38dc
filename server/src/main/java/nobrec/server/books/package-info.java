/** Our journal of freight: on which accounts it is booked, which periods are closed, and how it is given to other books. */
package nobrec.server.books;
