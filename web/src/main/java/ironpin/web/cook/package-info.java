/**
 * What one sees inside a piece at the fire: {@link ironpin.web.cook.CookPart} shows its temperatures beside the vessel.
 */
package ironpin.web.cook;
