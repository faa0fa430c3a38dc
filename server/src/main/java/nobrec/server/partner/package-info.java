/** Trading partners: what each demands, the numbers of packages, and how each is spoken with. */
package nobrec.server.partner;
