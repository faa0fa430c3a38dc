/** Subscribers that come for events. */
package nobrec.server.subscription.feed;
