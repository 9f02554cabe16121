/**
 * Hands at work, on every station where they are: the pace by one tap a piece, faults as they happen, and what the Book says of
 * both. {@link ironpin.web.hands.AtWork} is what pages show.
 */
package ironpin.web.hands;
