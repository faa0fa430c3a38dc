/** Long lists, a part at a time. */
package nobrec.server.api.list;
