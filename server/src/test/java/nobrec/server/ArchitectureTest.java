package nobrec.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.methods;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import java.util.stream.Stream;
import nobrec.server.platform.security.ForAllButPackers;
import nobrec.server.platform.security.ForCoordinators;
import nobrec.server.platform.security.ForEveryone;
import nobrec.server.platform.security.ForTheBooks;
import nobrec.server.platform.security.ForTheDesk;
import org.apache.ibatis.annotations.Mapper;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The walls of the house. */
@AnalyzeClasses(packages = "nobrec.server", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule CAPABILITIES_HAVE_NO_CIRCLES =
            slices().matching("nobrec.server.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule TABLES_ARE_REACHED_THROUGH_THEIR_OWN_CAPABILITY =
            classes().that().areAnnotatedWith(Mapper.class).should().bePackagePrivate();

    @ArchTest
    static final ArchRule THE_PLATFORM_KNOWS_NO_CAPABILITY = noClasses()
            .that()
            .resideInAPackage("nobrec.server.platform..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "nobrec.server.account..",
                    "nobrec.server.carrier..",
                    "nobrec.server.shipment..",
                    "nobrec.server.workorder..",
                    "nobrec.server.posting..");

    @ArchTest
    static final ArchRule EVERY_ADDRESS_HAS_ITS_ROLE = methods()
            .that()
            .areDeclaredInClassesThat()
            .areAnnotatedWith(RestController.class)
            .and()
            .areMetaAnnotatedWith(RequestMapping.class)
            .should(haveARole());

    private static ArchCondition<JavaMethod> haveARole() {
        return new ArchCondition<>("say whom they are for") {
            @Override
            public void check(JavaMethod method, ConditionEvents events) {
                boolean says = Stream.of(
                                ForEveryone.class,
                                ForAllButPackers.class,
                                ForTheDesk.class,
                                ForCoordinators.class,
                                ForTheBooks.class,
                                PreAuthorize.class)
                        .anyMatch(method::isAnnotatedWith);
                events.add(new SimpleConditionEvent(method, says, method.getFullName()));
            }
        };
    }
}
