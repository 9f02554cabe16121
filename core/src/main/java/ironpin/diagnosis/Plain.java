package ironpin.diagnosis;

import java.util.Optional;

/** Facts that are one of a few, in words. */
final class Plain {
    private Plain() {}

    static Optional<String> of(Fact fact, double value) {
        return switch (fact) {
            case BOIL ->
                Optional.of(
                        value >= 2
                                ? "at full flame, and no cold water went in"
                                : value >= 1 ? "at a simmer" : "cold water kept it gentle");
            case STIRRED -> Optional.of(value >= 1 ? "stirred one way" : "mixed loosely, not stirred to a paste");
            case FLAME ->
                Optional.of(
                        value >= 2
                                ? "a high flame under it"
                                : value >= 1 ? "a medium flame under it" : "a low flame under it");
            case GREASED ->
                Optional.of(value >= 2 ? "fat from the start" : value >= 1 ? "fat at the end" : "no fat in the pan");
            default -> Optional.empty();
        };
    }
}
