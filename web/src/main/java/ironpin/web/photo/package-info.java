/** Photos of a batch: made small, freed of everything but the picture, shown and removed. */
package ironpin.web.photo;
