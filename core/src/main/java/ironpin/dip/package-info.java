/**
 * Answers "how much dip for the table?". A dip is a set of ratios by volume, scaled by the eaters at about 18 ml each.
 * The figure is practice: 15 to 20 ml a head. Front door: {@code Dips.SHARP_SOY.forEaters(6)}.
 */
package ironpin.dip;
