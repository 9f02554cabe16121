package ironpin.batch;

import ironpin.dough.DoughAddition;
import ironpin.dough.Mixing;
import ironpin.dough.Waters;
import ironpin.quantity.Band;
import ironpin.quantity.Length;
import ironpin.quantity.Mass;
import ironpin.quantity.Percentage;
import ironpin.quantity.Temperature;
import java.time.Duration;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * Every number of a plan that a cook may change where it stands: its name, unit, allowed range and the step an arrow key
 * takes. Reading gives the solved number; writing gives the changed batch. Writing eaters, pieces, flour or filling makes
 * that number the pinned one.
 */
public enum PlanField {
    EATERS("eaters", "", 1, 200, 1, 0) {
        @Override
        double of(Batch batch, Balance balance, int no) {
            return batch.eaters();
        }

        @Override
        Batch set(Batch batch, Balance balance, int no, double value) {
            Batch free = Pins.release(batch);
            return Pins.countPerEater(free).withEaters((int) value);
        }
    },
    EACH("pieces each", "", 1, 60, 1, 1) {
        @Override
        double of(Batch batch, Balance balance, int no) {
            return (double) balance.lot(no).toTable() / batch.eaters();
        }

        @Override
        Batch set(Batch batch, Balance balance, int no, double value) {
            return Pins.countBy(batch, no, new PieceRule.PerEater((int) value));
        }
    },
    PIECES("pieces", "", 1, 5_000, 1, 0) {
        @Override
        double of(Batch batch, Balance balance, int no) {
            return balance.lot(no).pieces();
        }

        @Override
        Batch set(Batch batch, Balance balance, int no, double value) {
            int frozen = Math.min(batch.lot(no).toFreezer(), (int) value - 1);
            Batch counted = Pins.countBy(batch, no, new PieceRule.Counted((int) value - frozen));
            return counted.mapLots(lot -> lot.no() == no ? lot.withToFreezer(frozen) : lot);
        }
    },
    TO_FREEZER("to the freezer", "", 0, 5_000, 1, 0) {
        @Override
        double of(Batch batch, Balance balance, int no) {
            return balance.lot(no).toFreezer();
        }

        @Override
        Batch set(Batch batch, Balance balance, int no, double value) {
            return batch.mapLots(lot -> lot.no() == no ? lot.withToFreezer((int) value) : lot);
        }
    },
    DOUGH_EACH("dough in a piece", "g", 1, 500, 0.5, 1) {
        @Override
        double of(Batch batch, Balance balance, int no) {
            return balance.lot(no).doughEach().grams();
        }

        @Override
        Batch set(Batch batch, Balance balance, int no, double value) {
            return batch.mapLots(lot -> lot.no() == no ? lot.withEach(Mass.ofGrams(value), lot.fillingEach()) : lot);
        }
    },
    FILLING_EACH("filling in a piece", "g", 1, 500, 0.5, 1) {
        @Override
        double of(Batch batch, Balance balance, int no) {
            return balance.lot(no).fillingEach().grams();
        }

        @Override
        Batch set(Batch batch, Balance balance, int no, double value) {
            return batch.mapLots(lot -> lot.no() == no ? lot.withEach(lot.doughEach(), Mass.ofGrams(value)) : lot);
        }
    },
    FLOUR("flour", "g", 20, 50_000, 10, 0) {
        @Override
        double of(Batch batch, Balance balance, int no) {
            return balance.dough(no).made().flour().grams();
        }

        @Override
        Batch set(Batch batch, Balance balance, int no, double value) {
            return Pins.holdFlour(batch, no, Mass.ofGrams(value));
        }
    },
    HYDRATION("water", "%", 20, 220, 0.5, 1) {
        @Override
        double of(Batch batch, Balance balance, int no) {
            return batch.dough(no).formula().hydration().percent();
        }

        @Override
        Batch set(Batch batch, Balance balance, int no, double value) {
            return share(batch, no, DoughAddition.WATER, value);
        }
    },
    SALT("salt", "%", 0, 5, 0.1, 1) {
        @Override
        double of(Batch batch, Balance balance, int no) {
            return batch.dough(no).formula().share(DoughAddition.SALT).percent();
        }

        @Override
        Batch set(Batch batch, Balance balance, int no, double value) {
            return share(batch, no, DoughAddition.SALT, value);
        }
    },
    OIL("oil", "%", 0, 25, 0.5, 1) {
        @Override
        double of(Batch batch, Balance balance, int no) {
            return batch.dough(no).formula().share(DoughAddition.OIL).percent();
        }

        @Override
        Batch set(Batch batch, Balance balance, int no, double value) {
            return share(batch, no, DoughAddition.OIL, value);
        }
    },
    WATER_TEMPERATURE("water temperature", "°C", 0, 100, 1, 0) {
        @Override
        double of(Batch batch, Balance balance, int no) {
            return batch.dough(no).water().celsius();
        }

        @Override
        Batch set(Batch batch, Balance balance, int no, double value) {
            return batch.mapDoughs(dough -> dough.no() == no ? dough.withWater(Temperature.ofCelsius(value)) : dough);
        }
    },
    MIXED("mixing temperature", "°C", 0, 100, 1, 0) {
        @Override
        double of(Batch batch, Balance balance, int no) {
            return DoughMixing.of(batch, balance, no)
                    .mixed(batch.dough(no).water())
                    .celsius();
        }

        @Override
        Batch set(Batch batch, Balance balance, int no, double value) {
            Mixing mixing = DoughMixing.of(batch, balance, no);
            Temperature poured = mixing.poured(Temperature.ofCelsius(value));
            Waters waters = Waters.USUAL;
            if (poured.compareTo(waters.tap()) < 0 || poured.compareTo(waters.kettle()) > 0) {
                Band<Temperature> reach = mixing.reach(waters.tap(), waters.kettle());
                double low = Math.ceil(reach.low().celsius());
                double high = Math.floor(reach.high().celsius());
                throw new OutOfRange(this, value, Trim.number(low) + " to " + Trim.number(high) + " °C");
            }
            return batch.mapDoughs(dough -> dough.no() == no ? dough.withWater(poured) : dough);
        }
    },
    REST("rest", "min", 0, 2_880, 5, 0) {
        @Override
        double of(Batch batch, Balance balance, int no) {
            return batch.dough(no).rest().toMinutes();
        }

        @Override
        Batch set(Batch batch, Balance balance, int no, double value) {
            return batch.mapDoughs(
                    dough -> dough.no() == no ? dough.withRest(Duration.ofMinutes((long) value)) : dough);
        }
    },
    BENCH_LOSS("bench loss", "%", 0, 20, 0.5, 1) {
        @Override
        double of(Batch batch, Balance balance, int no) {
            return batch.dough(no).loss().percent();
        }

        @Override
        Batch set(Batch batch, Balance balance, int no, double value) {
            return batch.mapDoughs(dough -> dough.no() == no ? dough.withLoss(Percentage.of(value)) : dough);
        }
    },
    FILLING("filling", "g", 20, 50_000, 10, 0) {
        @Override
        double of(Batch batch, Balance balance, int no) {
            return balance.filling(no).made().grams();
        }

        @Override
        Batch set(Batch batch, Balance balance, int no, double value) {
            return Pins.holdFilling(batch, no, Mass.ofGrams(value));
        }
    },
    FILLING_SHARE("share of the filling", "%", 0.1, 99, 0.5, 1) {
        @Override
        double of(Batch batch, Balance balance, int no) {
            return batch.filling(no / LINES)
                    .formula()
                    .lines()
                    .get(no % LINES)
                    .share()
                    .percent();
        }

        @Override
        Batch set(Batch batch, Balance balance, int no, double value) {
            return batch.mapFillings(filling -> filling.no() != no / LINES
                    ? filling
                    : filling.withFormula(filling.formula().withShare(no % LINES, Percentage.of(value))));
        }
    },
    TEST_PATTY("test patty", "g", 0, 200, 5, 0) {
        @Override
        double of(Batch batch, Balance balance, int no) {
            return batch.filling(no).testPatty().grams();
        }

        @Override
        Batch set(Batch batch, Balance balance, int no, double value) {
            return batch.mapFillings(
                    filling -> filling.no() == no ? filling.withTestPatty(Mass.ofGrams(value)) : filling);
        }
    },
    BOWL_LOSS("bowl loss", "%", 0, 20, 0.5, 1) {
        @Override
        double of(Batch batch, Balance balance, int no) {
            return batch.filling(no).loss().percent();
        }

        @Override
        Batch set(Batch batch, Balance balance, int no, double value) {
            return batch.mapFillings(filling -> filling.no() == no ? filling.withLoss(Percentage.of(value)) : filling);
        }
    },
    ROPE("rope thickness", "mm", 10, 80, 1, 0) {
        @Override
        double of(Batch batch, Balance balance, int no) {
            return batch.lot(no).shape().rope().millimetres();
        }

        @Override
        Batch set(Batch batch, Balance balance, int no, double value) {
            return shape(batch, no, old -> new Lot.Shape(Length.ofMillimetres(value), old.disc(), old.centreToRim()));
        }
    },
    DISC("rolled width", "mm", 40, 350, 1, 0) {
        @Override
        double of(Batch batch, Balance balance, int no) {
            return batch.lot(no).shape().disc().millimetres();
        }

        @Override
        Batch set(Batch batch, Balance balance, int no, double value) {
            return shape(batch, no, old -> new Lot.Shape(old.rope(), Length.ofMillimetres(value), old.centreToRim()));
        }
    },
    CENTRE_TO_RIM("centre to rim", "×", 1, 4, 0.1, 1) {
        @Override
        double of(Batch batch, Balance balance, int no) {
            return batch.lot(no).shape().centreToRim();
        }

        @Override
        Batch set(Batch batch, Balance balance, int no, double value) {
            return shape(batch, no, old -> new Lot.Shape(old.rope(), old.disc(), value));
        }
    };

    /** A line of a filling is named {@code filling number × LINES + index}. */
    public static final int LINES = 100;

    private final String label;
    private final String unit;
    private final double low;
    private final double high;
    private final double step;
    private final int decimals;

    PlanField(String label, String unit, double low, double high, double step, int decimals) {
        this.label = label;
        this.unit = unit;
        this.low = low;
        this.high = high;
        this.step = step;
        this.decimals = decimals;
    }

    /** The field with this {@link #key()}. */
    public static Optional<PlanField> ofKey(String key) {
        return Arrays.stream(values()).filter(field -> field.key().equals(key)).findFirst();
    }

    /** A short stable name, lower case with hyphens. */
    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** In a cook's words. */
    public String label() {
        return label;
    }

    /** Unit of the number; empty for a plain count. */
    public String unit() {
        return unit;
    }

    /** Least value allowed. */
    public double low() {
        return low;
    }

    /** Greatest value allowed. */
    public double high() {
        return high;
    }

    /** What an arrow key adds. */
    public double step() {
        return step;
    }

    /** Digits after the point that are worth showing. */
    public int decimals() {
        return decimals;
    }

    /** Whether only whole numbers make sense. */
    public boolean whole() {
        return step >= 1 && unit.isEmpty();
    }

    /**
     * The number as it stands in the solved plan.
     *
     * @param no the dough, filling or lot, or a line's combined number; any value for the eaters
     */
    public double read(Batch batch, Balance balance, int no) {
        return of(batch, balance, no);
    }

    /**
     * The batch with this number changed.
     *
     * @throws OutOfRange if the value is not allowed, or not whole where it must be
     */
    public Batch write(Batch batch, int no, double value) {
        if (!(value >= low && value <= high) || whole() && value != Math.rint(value)) {
            throw new OutOfRange(this, value);
        }
        return set(batch, Balancer.solve(batch), no, value);
    }

    abstract double of(Batch batch, Balance balance, int no);

    abstract Batch set(Batch batch, Balance balance, int no, double value);

    private static Batch share(Batch batch, int no, DoughAddition addition, double percent) {
        return batch.mapDoughs(dough -> dough.no() == no ? dough.with(addition, Percentage.of(percent)) : dough);
    }

    private static Batch shape(Batch batch, int no, UnaryOperator<Lot.Shape> change) {
        return batch.mapLots(lot -> lot.no() == no ? lot.withShape(change.apply(lot.shape())) : lot);
    }
}
