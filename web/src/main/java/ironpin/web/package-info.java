/** Pages, pictures and the JSON API over the kitchen's rules; nothing is decided here. */
package ironpin.web;
