/** What this kitchen knows: each learned number with what taught it, and a way to forget. */
package ironpin.web.known;
