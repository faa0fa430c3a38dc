/** One job: everything about it on one page, what is changed of it by hand, and what colleagues say of it. */
package nobrec.server.job;
