/** What customers see and decide themselves, without a sign-in: the page of their job by a sealed link, and the request form. */
package nobrec.server.customer;
