/** What a job gets when something becomes of it: a status of the shop's own, a note. */
package nobrec.server.statusrule;
