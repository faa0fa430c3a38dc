/** House rules: "when this is so, do that", kept by the shop; what they say of a work order, and why. */
package nobrec.core.rule;
