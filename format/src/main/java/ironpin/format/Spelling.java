package ironpin.format;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import ironpin.batch.Dough;
import ironpin.batch.Filling;
import ironpin.batch.FlourShare;
import ironpin.batch.Lot;
import ironpin.batch.PieceRule;
import ironpin.book.Outcome;
import ironpin.dip.Dip;
import ironpin.dough.DoughFormula;
import ironpin.dough.DoughLine;
import ironpin.dough.KneadSchool;
import ironpin.dough.Kneading;
import ironpin.filling.FillingFormula;
import ironpin.filling.MixSchool;
import ironpin.pantry.Absorption;
import ironpin.pantry.Flour;
import ironpin.pantry.Price;
import ironpin.portion.Cutting;
import ironpin.portion.PortionSchool;
import ironpin.quantity.Percentage;
import ironpin.wrapper.BoughtWrapper;
import java.util.List;
import java.util.Optional;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * How values of core are spelled in JSON. A component of a record is a property of its name, with the unit at its end where it
 * is a quantity: {@code doughEach} is {@code doughEachG}. So a new component needs nothing here; only what is spelled otherwise
 * stands below.
 */
final class Spelling {
    /** A plan of six lots has some 2,000; whatever has many more is none. Looked at while it is read. */
    private static final long MOST_TOKENS = 60_000;

    private static final int DEEPEST = 40;

    static final JsonMapper JSON = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxTokenCount(MOST_TOKENS)
                            .maxNestingDepth(DEEPEST)
                            .build())
                    .build())
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .disable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
            .propertyNamingStrategy(new UnitEndings())
            .addModule(UnitEndings.module())
            .addMixIn(PieceRule.class, OfPieceRule.class)
            .addMixIn(PieceRule.PerEater.class, OfPerEater.class)
            .addMixIn(Dough.class, OfDough.class)
            .addMixIn(DoughLine.class, OfDoughLine.class)
            .addMixIn(Kneading.class, OfKneading.class)
            .addMixIn(FlourShare.class, OfFlourShare.class)
            .addMixIn(Flour.class, OfFlour.class)
            .addMixIn(Absorption.class, OfAbsorption.class)
            .addMixIn(Filling.class, OfFilling.class)
            .addMixIn(Lot.class, OfLot.class)
            .addMixIn(Cutting.class, OfCutting.class)
            .addMixIn(Dip.class, OfDip.class)
            .addMixIn(WrittenBatch.Came.class, OfCame.class)
            .build();

    private Spelling() {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.DEDUCTION)
    @JsonSubTypes({@JsonSubTypes.Type(PieceRule.PerEater.class), @JsonSubTypes.Type(PieceRule.Counted.class)})
    private interface OfPieceRule {}

    private interface OfPerEater {
        @JsonProperty("piecesPerEater")
        int each();
    }

    private interface OfDough {
        @JsonUnwrapped
        DoughFormula formula();

        @JsonUnwrapped
        Kneading kneading();
    }

    private interface OfDoughLine {
        @JsonProperty("flourPercent")
        Percentage share();
    }

    private interface OfKneading {
        @JsonProperty("kneadSchool")
        KneadSchool school();

        @JsonProperty("kneadBy")
        Kneading.By by();
    }

    private interface OfFlourShare {
        @JsonUnwrapped
        Flour flour();
    }

    private interface OfFlour {
        @JsonUnwrapped
        Absorption absorption();

        @JsonProperty("pricePerKg")
        Optional<Price> price();
    }

    private interface OfAbsorption {
        @JsonProperty("offsetPoints")
        Percentage offset();

        @JsonProperty("offsetSpreadPoints")
        Percentage spread();

        @JsonProperty("offsetBatches")
        int batches();
    }

    private interface OfFilling {
        @JsonUnwrapped
        FillingFormula formula();

        @JsonProperty("mixSchool")
        MixSchool school();
    }

    private interface OfLot {
        @JsonUnwrapped
        Lot.Shape shape();

        @JsonUnwrapped
        Cutting cutting();

        @JsonProperty("boughtWrapper")
        Optional<BoughtWrapper> bought();
    }

    private interface OfCutting {
        @JsonProperty("portionSchool")
        PortionSchool school();
    }

    private interface OfCame {
        @JsonUnwrapped
        Outcome outcome();
    }

    private interface OfDip {
        @JsonProperty("lines")
        List<Dip.Part> parts();
    }
}
