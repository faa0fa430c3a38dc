/** Which of our facts goes into which field of another system, and what that makes of a shipment. */
package nobrec.core.writeback;
