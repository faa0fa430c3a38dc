/** Saved layouts: how files and records are read, found by the headings they were saved for. */
package nobrec.server.layout;
