/** Address data from the file that ships with the application. */
package nobrec.server.place.postalfile;
