package zephyrdune.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.testng.annotations.Test;

/** The arrows of docs/architecture.md: core knows nothing of formats, formats nothing of server. */
public class ArrowsTest {

    private static final String CORE_OR_FORMATS = "zephyrdune.(?!server).*";

    private final JavaClasses all = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("zephyrdune");

    @Test
    public void nothingPointsBackAtTheServer() {
        noClasses()
                .that()
                .haveNameMatching(CORE_OR_FORMATS)
                .should()
                .dependOnClassesThat()
                .resideInAPackage("zephyrdune.server..")
                .check(all);
        noClasses()
                .that()
                .haveNameMatching("zephyrdune.(?!server|formats|devices).*")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("zephyrdune.formats..")
                .check(all);
    }

    /** Devices stand on formats, and only the server knows of them. */
    @Test
    public void devicesStandBesideTheServer() {
        noClasses()
                .that()
                .haveNameMatching("zephyrdune.(?!server|devices).*")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("zephyrdune.devices..")
                .check(all);
    }

    @Test
    public void formatsKnowNoSpringAndNoDatabase() {
        noClasses()
                .that()
                .resideInAnyPackage("zephyrdune.formats..", "zephyrdune.devices..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.springframework..", "java.sql..", "jakarta..")
                .check(all);
    }

    @Test
    public void theServerAsksTheModelOnlyInItsAnswers() {
        classes()
                .that()
                .resideInAnyPackage(
                        "zephyrdune.answers.readings..",
                        "zephyrdune.answers.move..",
                        "zephyrdune.answers.plan..",
                        "zephyrdune.render.picture..",
                        "zephyrdune.light.softness..")
                .should()
                .onlyBeAccessed()
                .byClassesThat()
                .haveNameMatching(CORE_OR_FORMATS + "|zephyrdune.server.(answers|pictures).*")
                .check(all);
        noClasses()
                .that()
                .resideInAPackage("zephyrdune.server..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "zephyrdune.light.illuminance..",
                        "zephyrdune.light.emitter..",
                        "zephyrdune.set.distribution..",
                        "zephyrdune.render.metering..",
                        "zephyrdune.set.source..")
                .check(all);
    }

    @Test
    public void theServersPackagesDoNotGoInCircles() {
        slices().matching("zephyrdune.server.(*)..").should().beFreeOfCycles().check(all);
    }
}
