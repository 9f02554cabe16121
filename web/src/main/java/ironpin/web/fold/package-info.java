/**
 * Closing pieces: the atlas of folds with its moving pictures, and faults as they happen. {@link
 * ironpin.web.fold.ClosingController} hands out the surfaces that the browser draws.
 */
package ironpin.web.fold;
