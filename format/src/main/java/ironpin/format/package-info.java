/**
 * Answers "how is a batch written?". The front door is {@link ironpin.format.BatchFormat}:
 *
 * <pre>
 * String text = BatchFormat.write(WrittenBatch.of(batch, List.of(), Optional.empty()));
 * WrittenBatch read = BatchFormat.read(text);
 * assert read.batch().equals(batch);
 * </pre>
 */
package ironpin.format;
