/** The demo's shop, loaded the first time. */
package nobrec.server.demo;
