/** Subscribers that are called. */
package nobrec.server.subscription.webhook;
