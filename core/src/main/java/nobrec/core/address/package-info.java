/** Whether code, city and state of an address agree, what kind of place it is, distances, phone numbers. */
package nobrec.core.address;
