/** What every address of the API has in common: who may use it, what a refusal looks like, how large and slow a request may be. */
package nobrec.server.api;
