/** Which of the shop's rules counts, what the customer pays, and what stays. */
package nobrec.core.charging;
