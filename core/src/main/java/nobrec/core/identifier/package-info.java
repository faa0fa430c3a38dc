/** Check digits and the forms of tracking numbers. */
package nobrec.core.identifier;
