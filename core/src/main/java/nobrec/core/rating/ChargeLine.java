package nobrec.core.rating;

import java.util.Optional;
import org.joda.money.Money;

/**
 * One amount of an offer with the rule and the figures that produced it.
 *
 * @param packageNumber the package it is for; empty when it is for the whole shipment
 */
public record ChargeLine(Optional<Integer> packageNumber, Money amount, ChargeBasis basis) {}
