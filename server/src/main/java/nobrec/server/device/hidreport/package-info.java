/** The adapter of scales that send USB HID scale reports over TCP. */
package nobrec.server.device.hidreport;
