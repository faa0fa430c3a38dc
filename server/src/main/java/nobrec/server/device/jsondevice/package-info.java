/** The adapters of devices that are read with JSON and a key (docs/outside-protocol.md). */
package nobrec.server.device.jsondevice;
