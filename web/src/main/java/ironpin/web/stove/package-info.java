/** Vessels and burners of the kitchen, and the test that says what a burner gives. */
package ironpin.web.stove;
