/** What is said when something asked for is not done: the thing, the reason, the remedy. */
package nobrec.core.refusal;
