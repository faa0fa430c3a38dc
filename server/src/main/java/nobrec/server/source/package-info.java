/** Where work orders come from: files, record systems; how their records are read, and what their words mean. */
package nobrec.server.source;
