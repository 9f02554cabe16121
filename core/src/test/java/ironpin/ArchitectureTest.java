package ironpin;

import static com.tngtech.archunit.base.DescribedPredicate.describe;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.fields;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.AbstractCollection;
import java.util.AbstractMap;
import java.util.SplittableRandom;
import org.testng.annotations.Test;

public class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("ironpin");

    @Test
    public void packagesDependOneWay() {
        slices().matching("ironpin.(**)").should().beFreeOfCycles().check(CORE);
    }

    @Test
    public void coreStandsOnTheJdkAlone() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideOutsideOfPackages("ironpin..", "java..")
                .check(CORE);
    }

    @Test
    public void coreDoesNotReadTheClockOrDrawLotsOrPrint() {
        noClasses()
                .should()
                .callMethod(LocalDateTime.class, "now")
                .orShould()
                .callMethod(Instant.class, "now")
                .orShould()
                .callMethod(System.class, "currentTimeMillis")
                .orShould()
                .callMethod(System.class, "nanoTime")
                .orShould()
                .callMethod(Clock.class, "systemDefaultZone")
                .orShould()
                .callMethod(Math.class, "random")
                .orShould()
                .accessClassesThat()
                .haveFullyQualifiedName("java.util.Random")
                .orShould()
                .accessClassesThat()
                .haveFullyQualifiedName("java.util.concurrent.ThreadLocalRandom")
                .orShould()
                // With a seed of its own it draws the same every time; without one it does not.
                .callConstructor(SplittableRandom.class)
                .orShould()
                .accessField(System.class, "out")
                .orShould()
                .accessField(System.class, "err")
                .orShould()
                .dependOnClassesThat()
                .resideInAnyPackage("java.nio.file..", "java.sql..")
                .check(CORE);
    }

    /** What is worked out once and handed out again is the answer of a pure question, and stands in one class. */
    @Test
    public void coreRemembersInOnePlaceOnly() {
        noClasses()
                .that()
                .resideOutsideOfPackage("ironpin.worked")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("java.util.concurrent..", "java.lang.ref..")
                .check(CORE);
        fields().that().areStatic().should().beFinal().check(CORE);
        noClasses()
                .should()
                .callConstructorWhere(describe(
                        "a map or list is made for a static field",
                        call -> call.getOrigin().getName().equals("<clinit>")
                                && (call.getTargetOwner().isAssignableTo(AbstractMap.class)
                                        || call.getTargetOwner().isAssignableTo(AbstractCollection.class))))
                .check(CORE);
    }

    /** Beyond a dozen nobody sees which position is which: elsewhere than in itself a record is made by the names of its parts. */
    @Test
    public void longRecordsAreMadeByName() {
        noClasses()
                .that()
                .haveNameNotMatching(".*Builder(\\$.*)?")
                .should()
                .callConstructorWhere(describe(
                        "more than twelve parts are given by their positions",
                        call -> call.getTargetOwner().isRecord()
                                && call.getTarget().getRawParameterTypes().size() > 12
                                && !call.getOriginOwner().equals(call.getTargetOwner())))
                .check(CORE);
    }
}
