package ironpin.heat;

import java.util.List;

/** One surrounding after another, none of which changes by itself; the last one stays. */
final class InTurn implements Surroundings {
    private final List<Around> around;
    private int at;
    private double passed;

    InTurn(List<Around> around) {
        this.around = List.copyOf(around);
    }

    @Override
    public void advance(double seconds, double wattsPerGram) {
        passed += seconds;
        while (at < around.size() - 1 && passed >= around.get(at).seconds() - 1e-9) {
            passed -= around.get(at).seconds();
            at++;
        }
    }

    @Override
    public double celsius(boolean below) {
        return around.get(at).celsius();
    }

    @Override
    public double transfer(boolean below) {
        return around.get(at).transfer();
    }

    @Override
    public double coldest() {
        return around.stream().mapToDouble(Around::celsius).min().orElse(0);
    }

    double seconds() {
        return around.stream().mapToDouble(Around::seconds).sum();
    }

    @Override
    public double steady() {
        return at == around.size() - 1 ? Double.MAX_VALUE : around.get(at).seconds() - passed;
    }
}
