package org.soberhem.desk;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaMethodCall;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.Set;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Future;
import java.util.concurrent.Semaphore;

/** The rules of docs/architecture.md about who may use whom. */
@AnalyzeClasses(packages = "org.soberhem", importOptions = ImportOption.DoNotIncludeTests.class)
class StructureTest {

    @ArchTest
    static final ArchRule coreNeedsOnlyTheJavaBase = classes()
            .that()
            .resideInAPackage("org.soberhem.core..")
            .and()
            .resideOutsideOfPackage("org.soberhem.core.geometry")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage("org.soberhem.core..", "java.lang..", "java.util..", "java.time..", "java.math..");

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
    static final ArchRule filesKnowNoInterface = noClasses()
            .that()
            .resideInAPackage("org.soberhem.files..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.soberhem.desk..", "javafx..");

    @ArchTest
    static final ArchRule deskKnowsNoSql = noClasses()
            .that()
            .resideInAPackage("org.soberhem.desk..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("java.sql..", "org.jdbi..", "org.sqlite..", "org.flywaydb..");

    /** The interface thread waits for nobody; only the keeper, when it is closed, waits for what is queued. */
    @ArchTest
    static final ArchRule nothingIsWaitedFor = noClasses()
            .that()
            .resideInAPackage("org.soberhem.desk..")
            .and()
            .doNotHaveFullyQualifiedName("org.soberhem.desk.studio.Keeper")
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
    static final ArchRule noCoreCycles =
            slices().matching("org.soberhem.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule noFilesCycles =
            slices().matching("org.soberhem.files.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule noDeskCycles =
            slices().matching("org.soberhem.desk.(*)..").should().beFreeOfCycles();
}
