package zephyrdune;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.testng.annotations.Test;

/** The core is plain Java: nothing from outside the job, and arrows between its packages that never turn back. */
public class ArchitectureTest {

    private final JavaClasses core = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("zephyrdune");

    @Test
    public void needsNothingFromOutsideTheJob() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "org.springframework..",
                        "java.sql..",
                        "javax.sql..",
                        "java.awt..",
                        "javax.imageio..",
                        "tools.jackson..",
                        "com.fasterxml..",
                        "java.net..",
                        "java.io..",
                        "java.time..")
                .orShould()
                .dependOnClassesThat()
                .haveFullyQualifiedName("java.util.Random")
                .orShould()
                .callMethod(System.class, "currentTimeMillis")
                .orShould()
                .callMethod(System.class, "nanoTime")
                .orShould()
                .callMethod(Math.class, "random")
                .check(core);
    }

    /** Each layer knows the ones named before it, and no later one. */
    @Test
    public void layersPointDownwards() {
        layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .layer("units")
                .definedBy("zephyrdune.units..")
                .layer("set")
                .definedBy("zephyrdune.set..")
                .layer("light")
                .definedBy("zephyrdune.light..")
                .layer("render")
                .definedBy("zephyrdune.render..")
                .layer("answers")
                .definedBy("zephyrdune.answers..")
                .layer("shoot")
                .definedBy("zephyrdune.shoot..")
                .whereLayer("units")
                .mayNotAccessAnyLayer()
                .whereLayer("set")
                .mayOnlyAccessLayers("units")
                .whereLayer("light")
                .mayOnlyAccessLayers("units", "set")
                .whereLayer("render")
                .mayOnlyAccessLayers("units", "set", "light")
                .whereLayer("answers")
                .mayOnlyAccessLayers("units", "set", "light", "render")
                .whereLayer("shoot")
                .mayOnlyAccessLayers("units", "set", "light", "render", "answers")
                .check(core);
        classes()
                .should()
                .resideInAnyPackage(
                        "zephyrdune.units..",
                        "zephyrdune.set..",
                        "zephyrdune.light..",
                        "zephyrdune.render..",
                        "zephyrdune.answers..",
                        "zephyrdune.shoot..")
                .check(core);
    }

    @Test
    public void packagesDoNotGoInCircles() {
        slices().matching("zephyrdune.(**)").should().beFreeOfCycles().check(core);
    }
}
