/**
 * The pictures: small classes that turn computed values into SVG fragments. Colours are classes, so that one drawing
 * serves the light and the dark kitchen; geometry that decides anything lives in core.
 */
package ironpin.web.picture;
