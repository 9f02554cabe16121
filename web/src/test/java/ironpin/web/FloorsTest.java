package ironpin.web;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.testng.annotations.Test;

public class FloorsTest {
    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("ironpin");

    @Test
    public void aFloorImportsOnlyFloorsBelow() {
        noClasses()
                .that()
                .resideInAPackage("ironpin.store..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("ironpin.web..", "org.springframework..")
                .check(ALL);
        noClasses()
                .that()
                .resideInAPackage("ironpin.format..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("ironpin.store..", "ironpin.web..", "org.springframework..", "org.jooq..")
                .check(ALL);
        noClasses()
                .that()
                .resideOutsideOfPackages("ironpin.format..", "ironpin.store..", "ironpin.web..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("ironpin.format..", "ironpin.store..", "ironpin.web..")
                .check(ALL);
        noClasses()
                .that()
                .resideOutsideOfPackages("ironpin.store..", "ironpin.web..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("ironpin.store..", "ironpin.web..")
                .check(ALL);
    }

    @Test
    public void onlyTheStoreSpeaksSql() {
        noClasses()
                .that()
                .resideInAPackage("ironpin.web..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.jooq..", "java.sql..", "org.h2..", "ironpin.store.db..")
                .check(ALL);
    }

    @Test
    public void webPackagesDependOneWay() {
        slices().matching("ironpin.web.(*)..").should().beFreeOfCycles().check(ALL);
    }
}
