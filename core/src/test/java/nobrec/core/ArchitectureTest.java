package nobrec.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;

/** The rules and sums know no framework, no database, no clock and no chance. */
@AnalyzeClasses(packages = "nobrec.core", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule KNOWS_ONLY_THE_LANGUAGE = noClasses()
            .should()
            .dependOnClassesThat()
            .resideOutsideOfPackages(
                    "nobrec.core..",
                    "java.lang..",
                    "java.math..",
                    "java.text..",
                    "java.time..",
                    "java.util..",
                    "org.joda.money..",
                    "com.google.i18n.phonenumbers..");

    @ArchTest
    static final ArchRule HAS_NO_CLOCK = noClasses()
            .should()
            .callMethod(Instant.class, "now")
            .orShould()
            .callMethod(LocalDate.class, "now")
            .orShould()
            .callMethod(LocalDateTime.class, "now")
            .orShould()
            .dependOnClassesThat()
            .areAssignableTo(Clock.class)
            .orShould()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .callMethod(System.class, "nanoTime");

    @ArchTest
    static final ArchRule HAS_NO_CHANCE = noClasses()
            .should()
            .dependOnClassesThat()
            .haveNameMatching("java\\.util\\.(Random|UUID|concurrent\\.ThreadLocalRandom)|java\\.security\\..*")
            .orShould()
            .callMethod(Math.class, "random");

    @ArchTest
    static final ArchRule MONEY_AND_MEASURES_ARE_EXACT = noClasses()
            .that()
            .resideOutsideOfPackage("nobrec.core.address")
            .and()
            .doNotHaveSimpleName("Zone")
            .should()
            .dependOnClassesThat()
            .haveNameMatching("java\\.lang\\.(Double|Float)|double|float")
            .because("only the distance on the globe is measured, everything else is counted");

    @ArchTest
    static final ArchRule ROOMS_HAVE_NO_CIRCLES =
            slices().matching("nobrec.core.(*)..").should().beFreeOfCycles();
}
