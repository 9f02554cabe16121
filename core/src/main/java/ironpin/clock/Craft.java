package ironpin.clock;

import ironpin.crew.Skill;
import java.util.Set;

/** What kind of work a task is, and what whoever does it alone must do in a kitchen. */
public enum Craft {
    DOUGH(Set.of(Skill.MIX)),
    FILLING(Set.of(Skill.MIX)),
    SHAPING(Set.of(Skill.ROLL, Skill.FOLD)),
    WRAPPING(Set.of(Skill.FOLD)),
    COOKING(Set.of(Skill.FIRE)),
    TABLE(Set.of());

    private final Set<Skill> skills;

    Craft(Set<Skill> skills) {
        this.skills = skills;
    }

    /** What it takes. */
    public Set<Skill> skills() {
        return skills;
    }

    /** Whether two do it in step. */
    boolean shared() {
        return this == SHAPING || this == WRAPPING;
    }
}
