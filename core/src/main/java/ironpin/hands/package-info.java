/**
 * What hands do while they work, and how fast: {@link ironpin.hands.Beat} is one pair of them, {@link ironpin.hands.InStep} two
 * that wait for one another, {@link ironpin.hands.Fault} what goes wrong.
 *
 * <pre>{@code
 * Beat beat = Beat.of(List.of(noon, noon.plusSeconds(40), noon.plusSeconds(82)));
 * beat.secondsEach();                       // 41 s
 * beat.perHour();                           // 88 pieces
 * beat.left(20);                            // 13 min 40 s
 * }</pre>
 */
package ironpin.hands;
