/** Mail: whom it may go to. */
package nobrec.core.mail;
