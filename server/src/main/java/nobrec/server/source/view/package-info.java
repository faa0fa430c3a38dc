/** The adapter of views in other databases, read by a SELECT of the shop's. */
package nobrec.server.source.view;
