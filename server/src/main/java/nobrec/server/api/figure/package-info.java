/** Figures as the API gives them: for programs exact and without a unit system, for people as the shop writes them. */
package nobrec.server.api.figure;
