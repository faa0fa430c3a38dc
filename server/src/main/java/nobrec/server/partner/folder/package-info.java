/** Partners that get files in a folder. */
package nobrec.server.partner.folder;
