/** Working days, public holidays, pickups and cut-offs. */
package nobrec.core.calendar;
