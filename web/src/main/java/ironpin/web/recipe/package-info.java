/** Recipes out of files and pages: schema.org data, HTML, and plain text. Nothing in them is followed or run. */
package ironpin.web.recipe;
