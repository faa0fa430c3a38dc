package nobrec.core;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideOutsideOfPackages;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.type;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaField;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import java.net.IDN;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.stream.Stream;

/** The rules and sums know no framework, no database, no clock and no chance. */
@AnalyzeClasses(packages = "nobrec.core", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {

    /** {@link IDN} lives beside the network and does not use it: it writes domains of other scripts in Latin letters. */
    @ArchTest
    static final ArchRule KNOWS_ONLY_THE_LANGUAGE = noClasses()
            .should()
            .dependOnClassesThat(resideOutsideOfPackages(
                            "nobrec.core..",
                            "java.lang..",
                            "java.math..",
                            "java.text..",
                            "java.time..",
                            "java.util..",
                            "org.joda.money..",
                            "org.jspecify.annotations..",
                            "com.google.i18n.phonenumbers..")
                    .and(not(type(IDN.class))));

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

    private static final String MEASURED =
            "nobrec.core.(measure|notation|limit|item|carton|service|ratesheet|rating|charging|books|shipment|workorder|intake|calendar|departure|readiness|layout|wordbook|rule)(\\..*)?";

    /** Binary fractions are for distances on the globe and for the packer's guesses what is worth a try. */
    @ArchTest
    static final ArchRule MONEY_AND_MEASURES_ARE_EXACT = classes()
            .that()
            .resideInAPackage("nobrec.core..")
            .and(new DescribedPredicate<JavaClass>("hold money or measures") {
                @Override
                public boolean test(JavaClass type) {
                    return type.getPackageName().matches(MEASURED)
                            && !type.getSimpleName().equals("Zone");
                }
            })
            .should(new ArchCondition<>("have no binary fraction, boxed or not") {
                @Override
                public void check(JavaClass type, ConditionEvents events) {
                    Stream.concat(
                                    type.getFields().stream().map(JavaField::getRawType),
                                    type.getCodeUnits().stream()
                                            .flatMap(unit -> Stream.concat(
                                                    Stream.of(unit.getRawReturnType()),
                                                    unit.getRawParameterTypes().stream())))
                            .map(JavaClass::getName)
                            .filter(name -> name.matches("(java\\.lang\\.)?([Dd]ouble|[Ff]loat)"))
                            .forEach(name -> events.add(
                                    SimpleConditionEvent.violated(type, type.getFullName() + " has a " + name)));
                }
            });

    /** The packer's search is its own affair; how much effort it may take is what others say. */
    @ArchTest
    static final ArchRule THE_SEARCH_IS_HIDDEN = noClasses()
            .that()
            .resideOutsideOfPackage("nobrec.core.packing..")
            .should()
            .dependOnClassesThat(new DescribedPredicate<JavaClass>("belong to the packer's search") {
                @Override
                public boolean test(JavaClass type) {
                    return type.getPackageName().equals("nobrec.core.packing.search")
                            && !type.getSimpleName().equals("PackingEffort");
                }
            });

    @ArchTest
    static final ArchRule ROOMS_HAVE_NO_CIRCLES =
            slices().matching("nobrec.core.(*)..").should().beFreeOfCycles();
}
