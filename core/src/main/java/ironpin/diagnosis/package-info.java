/**
 * Why did that happen, and what is the one thing to change? Causes, what they look like and what of a batch speaks for and against them
 * are tables ({@code causes.csv}, {@code looks.csv}, {@code evidence.csv}), set by hand from what practice knows of faults and moved by
 * what is weighed, read and laid out of this very batch. {@link ironpin.diagnosis.Diagnosis} puts them together; it can say that there is
 * not enough to tell.
 */
package ironpin.diagnosis;
