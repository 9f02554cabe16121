package ironpin.cook;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/**
 * The closest that anybody is known to have laid 1 to 30 equal circles in a circle. The least radii are those that E. Specht
 * publishes; the centres were found again for Ironpin and agree with them within two millionths.
 */
final class BestCircles {
    private static final double SLACK = 2e-6;
    private static final List<Layout> KNOWN = read();

    private BestCircles() {}

    /** @param radius least, of the circle that holds them, theirs being 1 @param centres from its middle */
    private record Layout(double radius, List<double[]> centres) {}

    /** How many are known. */
    static int most() {
        return KNOWN.size();
    }

    /**
     * As many as go in, up to 30.
     *
     * @param half of a circle, above 0
     * @param radius of what holds them
     */
    static List<VesselPacking.Place> in(double half, double radius) {
        List<VesselPacking.Place> places = new ArrayList<>();
        for (Layout one : KNOWN) {
            if (one.radius() * half <= radius * (1 + SLACK)) {
                places.clear();
                for (double[] centre : one.centres()) {
                    places.add(new VesselPacking.Place(centre[0] * half, centre[1] * half, 0));
                }
            }
        }
        return places;
    }

    private static List<Layout> read() {
        try (BufferedReader in = new BufferedReader(
                new InputStreamReader(BestCircles.class.getResourceAsStream("circles.csv"), StandardCharsets.UTF_8))) {
            List<Layout> known = new ArrayList<>();
            for (String line : in.lines().skip(1).toList()) {
                String[] cells = line.split(",");
                if (Integer.parseInt(cells[0]) > known.size()) {
                    known.add(new Layout(Double.parseDouble(cells[1]), new ArrayList<>()));
                }
                known.get(known.size() - 1)
                        .centres()
                        .add(new double[] {Double.parseDouble(cells[2]), Double.parseDouble(cells[3])});
            }
            return List.copyOf(known);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
