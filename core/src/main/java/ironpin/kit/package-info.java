/**
 * Answers "what stands in this kitchen?": flours with what they were seen to drink, bowls, the temperatures of room, tap
 * and kettle, and which cup is meant by a cup. Open batches follow a change; past ones keep what held for them.
 */
package ironpin.kit;
