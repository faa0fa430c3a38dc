/** The ready checks: what must be right before shipping, with reason and remedy. */
package nobrec.core.readiness;
