/**
 * The JSON API under {@code /api/v1}: calculators as POSTs of plain JSON, and the records of batches. Units stand in the
 * names of the fields; bad input gets problem details that name the field and the allowed range.
 */
package ironpin.web.api;
