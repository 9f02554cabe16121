/**
 * Practice away from the stove: an eye that guesses masses, and hands that pleat to a beat. {@link
 * ironpin.web.practice.PracticeController} draws what is to be guessed and keeps the guesses.
 */
package ironpin.web.practice;
