/** Carriers and their services, what a shipment is to them, and whether they may carry it. */
package nobrec.core.service;
