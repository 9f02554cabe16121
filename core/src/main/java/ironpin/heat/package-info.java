/**
 * What heat does inside a piece: {@link ironpin.heat.Conduction} lets a {@link ironpin.heat.HeatPiece} stand in one or several
 * {@link ironpin.heat.Around surroundings} and gives its temperatures at every moment as a {@link ironpin.heat.HeatRun}.
 *
 * <pre>{@code
 * HeatPiece piece = HeatPiece.solid(HeatPiece.Form.SPHERE, Length.ofMillimetres(18), Matter.FILLING);
 * HeatRun run = Conduction.run(piece, Temperature.ofCelsius(10), List.of(new Around(2_000, 99, Duration.ofMinutes(12))));
 * run.until(Temperature.ofCelsius(72));     // 507 s (est.)
 * }</pre>
 */
package ironpin.heat;
