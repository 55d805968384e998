package kindveil.studio;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "kindveil.studio", importOptions = ImportOption.DoNotIncludeTests.class)
class StudioArchitectureTest {
    @ArchTest
    static final ArchRule entitiesStayInTheStore = classes().that().areAnnotatedWith("jakarta.persistence.Entity")
            .should().resideInAPackage("..store..").andShould().bePackagePrivate()
            .because("an entity that leaves the store drags its transaction with it");

    @ArchTest
    static final ArchRule onlyTheStoreKnowsPersistence = noClasses().that().resideOutsideOfPackage("..store..")
            .should().dependOnClassesThat().resideInAnyPackage("jakarta.persistence..", "org.hibernate..")
            .because("pages and use cases speak in records");

    @ArchTest
    static final ArchRule controllersArePages = classes().that().areAnnotatedWith("org.springframework.stereotype.Controller")
            .should().resideInAPackage("..page..")
            .because("a page is mapping, use case, view object, template");

    @ArchTest
    static final ArchRule pagesDoNotStore = noClasses().that().resideInAPackage("..page..").should().dependOnClassesThat().resideInAPackage("..store..")
            .because("what a page changes goes through a use case and its transaction");

    @ArchTest
    static final ArchRule workKnowsNoWeb = noClasses().that().resideInAnyPackage("..work..", "..store..", "..intake..")
            .should().dependOnClassesThat().resideInAnyPackage("org.springframework.web..", "jakarta.servlet..")
            .because("use cases are tested and used without a request");

    @ArchTest
    static final ArchRule noCycles = slices().matching("kindveil.studio.(*)..").should().beFreeOfCycles()
            .because("a package that needs what needs it cannot be understood or changed alone");

    @ArchTest
    static final ArchRule noWayByName = noClasses().should().dependOnClassesThat().haveSimpleName("GelLay")
            .because("pages read declarations; nothing in them belongs to one way");

    @ArchTest
    static final ArchRule timeComesFromOutside = noClasses().that().doNotHaveFullyQualifiedName("kindveil.studio.KindVeil").should().callMethod(java.time.Instant.class, "now")
            .orShould().callMethod(System.class, "currentTimeMillis").orShould().callMethod(java.time.Clock.class, "systemUTC")
            .because("the one clock is a bean");

    @ArchTest
    static final ArchRule cachesTidyThemselvesUp = noClasses().that().doNotHaveSimpleName("Caches").should().callMethod("com.github.benmanes.caffeine.cache.Caffeine", "newBuilder")
            .because("one that tidies itself up on the pool that computes for it can wait for itself");
}
