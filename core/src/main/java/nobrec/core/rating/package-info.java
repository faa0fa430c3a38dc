/** One shipment priced in one service: charge lines with their reasons, the delivery day, the choice among offers. */
package nobrec.core.rating;
