package kindveil;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "kindveil", importOptions = ImportOption.DoNotIncludeTests.class)
class CoreArchitectureTest {
    @ArchTest
    static final ArchRule coreIsPlainJava = classes().should().onlyDependOnClassesThat()
            .resideInAnyPackage("kindveil..", "java.lang..", "java.util..", "java.time..", "java.math..", "org.locationtech.jts..", "com.github.benmanes.caffeine.cache..", "org.chocosolver..", "org.jspecify.annotations..")
            .because("the craft must be computable and testable without a server, a screen or a database; plane geometry is a library's");

    @ArchTest
    static final ArchRule shapesAreOurs = noClasses().that().resideOutsideOfPackage("kindveil.shape..").should().dependOnClassesThat().resideInAPackage("org.locationtech.jts..")
            .because("outlines are spoken of as regions, whatever library reckons with them");

    @ArchTest
    static final ArchRule solvingIsOurs = noClasses().that().resideOutsideOfPackage("kindveil.sitting..").should().dependOnClassesThat().resideInAPackage("org.chocosolver..")
            .because("evenings are spoken of as jobs and sittings, whatever library finds their schedule");

    @ArchTest
    static final ArchRule noCycles = slices().matching("kindveil.(*)..").should().beFreeOfCycles()
            .because("a package that needs what needs it cannot be understood or changed alone");

    @ArchTest
    static final ArchRule nothingInTheCoreKnowsAWay = noClasses().that().resideOutsideOfPackage("kindveil.catalogue..")
            .should().dependOnClassesThat().resideInAPackage("kindveil.catalogue..")
            .because("a way is known only to itself and the catalogue; rules and readings read steps and traces");

    @ArchTest
    static final ArchRule theBenchKnowsNoPlans = noClasses().that().resideInAPackage("kindveil.bench..")
            .should().dependOnClassesThat().resideInAnyPackage("kindveil.way..", "kindveil.reading..", "kindveil.making..")
            .because("what a step does depends on what lies there, never on what is meant by it");

    @ArchTest
    static final ArchRule lightKnowsNoCraft = noClasses().that().resideInAnyPackage("kindveil.light..", "kindveil.drying..", "kindveil.image..", "kindveil.measure..")
            .should().dependOnClassesThat().resideInAnyPackage("kindveil.bench..", "kindveil.way..", "kindveil.catalogue..", "kindveil.reading..", "kindveil.making..", "kindveil.sheet..")
            .because("models are judged against their check values alone");

    @ArchTest
    static final ArchRule noClockInside = noClasses().should().callMethod(java.time.Instant.class, "now")
            .orShould().callMethod(System.class, "currentTimeMillis")
            .because("time comes from outside, so that the same deeds give the same state");
}
