/** Journal entries that balance, or are not made. */
package nobrec.core.books;
