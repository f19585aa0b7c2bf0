package org.soberhem.desk;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.domain.JavaMethodCall;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.core.importer.Location;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Future;
import java.util.concurrent.Semaphore;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.soberhem.studio.Observed;

/** The rules of docs/architecture.md about who may use whom. */
@AnalyzeClasses(
        packages = "org.soberhem",
        importOptions = {ImportOption.DoNotIncludeTests.class, StructureTest.WithoutSharedTests.class})
class StructureTest {

    /** What tests of other modules share comes in jars of its own. */
    static final class WithoutSharedTests implements ImportOption {

        @Override
        public boolean includes(Location location) {
            return !location.contains("-tests.jar") && !location.contains("Studios");
        }
    }

    private static final int MOST_TYPES = 35;

    /** What the application does not call itself: tests look through it at what they could not see otherwise. */
    private static final Set<String> LOOKED_AT_BY_TESTS = Set.of(
            "Drapery.hold",
            "SoberHem.commands",
            "LayRules.plain",
            "Proportions.fit",
            "Proportions.variables",
            "CompiledSheet.drawingOrder",
            "DraftingSteps.of",
            "BodyFigure.section",
            "Sum.figure",
            "Allowance.outside",
            "Judge.facts",
            "TracedPiece.named",
            "FittingRound.point",
            "PictureShelf.drop",
            "DigitalTape.listen",
            "PlateCamera.photograph",
            "Tiling.pages",
            "Workspace.limitPages",
            "StoredForm.parts",
            "StoredForm.types",
            "Keeper.settled");

    /** Beside the base only what computes: linear algebra, random draws, the annotation that makes builders. */
    @ArchTest
    static final ArchRule coreNeedsOnlyTheJavaBase = classes()
            .that()
            .resideInAPackage("org.soberhem.core..")
            .and()
            .resideOutsideOfPackage("org.soberhem.core.geometry")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "org.soberhem.core..",
                    "java.lang..",
                    "java.util..",
                    "java.time..",
                    "java.math..",
                    "javax.annotation.processing..",
                    "org.hipparchus..",
                    "org.apache.commons.rng..",
                    "io.soabase.recordbuilder..");

    @ArchTest
    static final ArchRule geometryMayUseJts = classes()
            .that()
            .resideInAPackage("org.soberhem.core.geometry")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage("org.soberhem.core.geometry", "java.lang..", "java.util..", "org.locationtech.jts..");

    @ArchTest
    static final ArchRule coreAsksNoClock = noClasses()
            .that()
            .resideInAPackage("org.soberhem.core..")
            .should()
            .callMethod(java.time.LocalDate.class, "now")
            .orShould()
            .callMethod(java.time.Instant.class, "now")
            .orShould()
            .callMethod(System.class, "currentTimeMillis");

    @ArchTest
    static final ArchRule modulesNeedOnlyThoseBelowThem = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("core")
            .definedBy("org.soberhem.core..")
            .layer("library")
            .definedBy("org.soberhem.library..")
            .layer("files")
            .definedBy("org.soberhem.files..")
            .layer("studio")
            .definedBy("org.soberhem.studio..")
            .layer("cli")
            .definedBy("org.soberhem.cli..")
            .layer("desk")
            .definedBy("org.soberhem.desk..")
            .whereLayer("desk")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("cli")
            .mayOnlyBeAccessedByLayers("desk")
            .whereLayer("studio")
            .mayOnlyBeAccessedByLayers("cli", "desk")
            .whereLayer("files")
            .mayOnlyBeAccessedByLayers("studio", "cli", "desk")
            .whereLayer("library")
            .mayOnlyBeAccessedByLayers("files", "studio", "cli", "desk");

    @ArchTest
    static final ArchRule onlyTheDeskKnowsTheToolkit = noClasses()
            .that()
            .resideOutsideOfPackage("org.soberhem.desk..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("javafx..", "com.sun.javafx..");

    @ArchTest
    static final ArchRule deskKnowsNoSql = noClasses()
            .that()
            .resideInAnyPackage("org.soberhem.desk..", "org.soberhem.cli..", "org.soberhem.studio..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("java.sql..", "org.jdbi..", "org.sqlite..", "org.flywaydb..");

    /** The interface thread waits for nobody; only the keeper, when it is closed, waits for what is queued. */
    @ArchTest
    static final ArchRule nothingIsWaitedFor = noClasses()
            .that()
            .resideInAnyPackage("org.soberhem.desk..", "org.soberhem.studio..")
            .and()
            .doNotHaveFullyQualifiedName("org.soberhem.studio.Keeper")
            .should()
            .callMethodWhere(waits());

    private static DescribedPredicate<JavaMethodCall> waits() {
        Set<String> waiting = Set.of("join", "get", "await", "sleep", "take", "invokeAll", "invokeAny", "acquire");
        return new DescribedPredicate<>("it waits for another thread") {
            @Override
            public boolean test(JavaMethodCall call) {
                JavaClass owner = call.getTargetOwner();
                return waiting.contains(call.getName())
                        && (owner.isAssignableTo(Future.class)
                                || owner.isAssignableTo(Thread.class)
                                || owner.isAssignableTo(ExecutorService.class)
                                || owner.isAssignableTo(BlockingQueue.class)
                                || owner.isAssignableTo(CountDownLatch.class)
                                || owner.isAssignableTo(Semaphore.class));
            }
        };
    }

    @ArchTest
    static final ArchRule noCyclesOfPackages =
            slices().matching("org.soberhem.(**)").should().beFreeOfCycles();

    private static boolean isWritten(JavaClass type) {
        return type.isTopLevelClass()
                && !type.getName().contains("$")
                && !type.getSimpleName().equals("package-info");
    }

    /** A package is read in one go: at most 35 types in it. */
    @ArchTest
    static final ArchRule packagesAreSmall = classes()
            .should(new ArchCondition<>("be among 35 at most in their package") {
                @Override
                public void check(JavaClass type, ConditionEvents events) {
                    long beside = type.getPackage().getClasses().stream()
                            .filter(StructureTest::isWritten)
                            .filter(each -> !isOfASealedList(each))
                            .count();
                    if (beside > MOST_TYPES) {
                        events.add(SimpleConditionEvent.violated(
                                type, type.getPackageName() + " has " + beside + " types"));
                    }
                }
            });

    /**
     * The kinds of a sealed type must lie in its package, and its list of them is where they are found: they count with
     * it.
     */
    private static boolean isOfASealedList(JavaClass type) {
        return type.getRawInterfaces().stream()
                .anyMatch(above -> above.getPackage().equals(type.getPackage())
                        && above.reflect().isSealed());
    }

    /** Whoever listens keeps what ends it. */
    @ArchTest
    static final ArchRule noListenerWithoutItsSubscription = noClasses()
            .that()
            .doNotHaveSimpleName("Subscriptions")
            .and()
            .doNotHaveSimpleName("Observed")
            .should()
            .callMethod(Observed.class, "listen", Consumer.class)
            .orShould()
            .callMethod(Observed.class, "follow", Consumer.class);

    /** What nothing in the application calls is left over, or is there for a test only. */
    @ArchTest
    static void nothingIsUnused(JavaClasses all) {
        List<String> unused = all.stream()
                .filter(type ->
                        !type.getName().contains("Builder") && !type.getName().contains("bench"))
                .flatMap(type -> type.getMethods().stream())
                .filter(StructureTest::mustBeCalled)
                .filter(method -> method.getAccessesToSelf().isEmpty()
                        && method.getReferencesToSelf().isEmpty())
                .map(method -> method.getOwner().getSimpleName() + "." + method.getName())
                .filter(name -> !LOOKED_AT_BY_TESTS.contains(name))
                .distinct()
                .sorted()
                .toList();
        assertThat(unused).isEmpty();
    }

    private static boolean mustBeCalled(JavaMethod method) {
        JavaClass owner = method.getOwner();
        boolean component = owner.isRecord()
                && owner.tryGetField(method.getName()).isPresent()
                && method.getParameters().isEmpty();
        boolean ofEveryEnum = owner.isEnum() && Set.of("values", "valueOf").contains(method.getName());
        boolean inherited = Stream.concat(owner.getAllRawSuperclasses().stream(), owner.getAllRawInterfaces().stream())
                .flatMap(above -> above.getMethods().stream())
                .anyMatch(above -> above.getName().equals(method.getName())
                        && above.getParameters().size()
                                == method.getParameters().size());
        boolean calledFromOutside =
                !method.getAnnotations().isEmpty() || method.getName().equals("main");
        boolean made = method.getModifiers().contains(JavaModifier.SYNTHETIC)
                || method.getName().contains("$")
                || owner.isAnonymousClass();
        return !component && !ofEveryEnum && !inherited && !calledFromOutside && !made;
    }

    /** Two things never have one name. */
    @ArchTest
    static void topLevelNamesAreUnique(JavaClasses all) {
        Map<String, List<String>> twice = all.stream()
                .filter(StructureTest::isWritten)
                .collect(Collectors.groupingBy(
                        JavaClass::getSimpleName, Collectors.mapping(JavaClass::getName, Collectors.toList())));
        twice.values().removeIf(names -> names.size() == 1);
        assertThat(twice).isEmpty();
    }
}
