/** Files with work orders, as they come in. */
package nobrec.server.source.file;
