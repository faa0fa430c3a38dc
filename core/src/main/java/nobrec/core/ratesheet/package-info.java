/** Rate sheets: prices by zone and weight, discounts, surcharges, fuel. Their file format is {@code ratesheet.file}. */
package nobrec.core.ratesheet;
