/** Packages en route: what carriers say of them, when they are asked, which need somebody, and how well services keep their promises. */
package nobrec.server.tracking;
