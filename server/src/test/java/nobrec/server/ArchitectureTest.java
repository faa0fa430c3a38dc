package nobrec.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.methods;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import nobrec.server.api.security.ForAdministrators;
import nobrec.server.api.security.ForAllButPackers;
import nobrec.server.api.security.ForCoordinators;
import nobrec.server.api.security.ForCustomers;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.api.security.ForRuleKeepers;
import nobrec.server.api.security.ForSignedCalls;
import nobrec.server.api.security.ForTheBooks;
import nobrec.server.api.security.ForTheDesk;
import nobrec.server.connection.Adapter;
import org.apache.ibatis.annotations.Mapper;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Which room may use which. */
@AnalyzeClasses(packages = "nobrec.server", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule CAPABILITIES_HAVE_NO_CIRCLES =
            slices().matching("nobrec.server.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule TABLES_ARE_REACHED_THROUGH_THEIR_OWN_CAPABILITY =
            classes().that().areAnnotatedWith(Mapper.class).should().bePackagePrivate();

    /** Each room's neighbors; a new arrow is a decision, and is written here. */
    private static final Map<String, List<String>> NEIGHBORS = Map.ofEntries(
            Map.entry("account", List.of("api", "platform", "site")),
            Map.entry("attention", List.of("api", "booking", "carrier", "place", "shipment", "site", "workorder")),
            Map.entry("audit", List.of("platform")),
            Map.entry("badge", List.of("account", "api", "audit", "document", "platform")),
            Map.entry("place", List.of("account", "audit", "connection", "platform")),
            Map.entry(
                    "placebook",
                    List.of("account", "api", "carrier", "place", "platform", "shipment", "site", "workorder")),
            Map.entry(
                    "job",
                    List.of(
                            "account",
                            "api",
                            "audit",
                            "booking",
                            "carrier",
                            "document",
                            "packing",
                            "platform",
                            "posting",
                            "shipment",
                            "site",
                            "telling",
                            "wordbook",
                            "workorder")),
            Map.entry("payment", List.of("api", "audit", "connection", "platform", "posting", "workorder")),
            Map.entry(
                    "bench",
                    List.of(
                            "account",
                            "api",
                            "audit",
                            "booking",
                            "carrier",
                            "carton",
                            "customs",
                            "device",
                            "document",
                            "handover",
                            "item",
                            "job",
                            "packing",
                            "place",
                            "platform",
                            "pricing",
                            "shipment",
                            "site",
                            "telling",
                            "tracking",
                            "voiding",
                            "workorder")),
            Map.entry(
                    "tracking",
                    List.of(
                            "account",
                            "api",
                            "audit",
                            "carrier",
                            "connection",
                            "moment",
                            "platform",
                            "shipment",
                            "site",
                            "telling",
                            "voiding")),
            Map.entry(
                    "booking",
                    List.of(
                            "account",
                            "audit",
                            "carrier",
                            "connection",
                            "customs",
                            "document",
                            "platform",
                            "pricing",
                            "shipment",
                            "site",
                            "telling",
                            "voiding",
                            "workorder")),
            Map.entry("carrier", List.of("api", "audit", "connection", "platform", "shipment", "site")),
            Map.entry("connection", List.of("api", "audit", "platform")),
            Map.entry("carton", List.of("platform")),
            Map.entry(
                    "printing",
                    List.of("account", "api", "audit", "connection", "document", "platform", "shipment", "site")),
            Map.entry("partner", List.of("api", "audit", "connection", "platform")),
            Map.entry(
                    "shipnotice",
                    List.of(
                            "api",
                            "audit",
                            "booking",
                            "connection",
                            "partner",
                            "platform",
                            "shipment",
                            "site",
                            "voiding")),
            Map.entry("customs", List.of("api", "audit", "carrier", "platform", "site")),
            Map.entry("charge", List.of("platform")),
            Map.entry(
                    "demo",
                    List.of(
                            "account",
                            "api",
                            "audit",
                            "carrier",
                            "carton",
                            "charge",
                            "connection",
                            "customer",
                            "customs",
                            "device",
                            "mail",
                            "orderfile",
                            "partner",
                            "prepaid",
                            "platform",
                            "rule",
                            "site",
                            "source",
                            "writeback")),
            Map.entry(
                    "departure",
                    List.of(
                            "account",
                            "api",
                            "booking",
                            "carrier",
                            "handover",
                            "orderfile",
                            "pickup",
                            "place",
                            "platform",
                            "posting",
                            "returns",
                            "shipment",
                            "shipnotice",
                            "site",
                            "source",
                            "workorder")),
            Map.entry("design", List.of("api", "carrier", "document", "shipment", "site", "workorder")),
            Map.entry("device", List.of("api", "connection")),
            Map.entry("document", List.of("api", "audit", "carton", "customs", "partner", "platform", "site")),
            Map.entry(
                    "handover",
                    List.of(
                            "account",
                            "api",
                            "audit",
                            "carrier",
                            "connection",
                            "document",
                            "platform",
                            "returns",
                            "shipment",
                            "site",
                            "voiding",
                            "workorder")),
            Map.entry(
                    "run",
                    List.of(
                            "account",
                            "api",
                            "audit",
                            "bench",
                            "booking",
                            "carrier",
                            "carton",
                            "document",
                            "packing",
                            "platform",
                            "prepaid",
                            "pricing",
                            "printing",
                            "shipment",
                            "site",
                            "telling",
                            "workorder")),
            Map.entry("prepaid", List.of("account", "api", "audit", "carrier", "connection", "platform")),
            Map.entry("picking", List.of("api", "document", "item", "platform", "site", "workorder")),
            Map.entry("pickup", List.of("account", "api", "audit", "carrier", "connection", "platform", "site")),
            Map.entry("find", List.of("api", "returns", "shipment", "workorder")),
            Map.entry("item", List.of("account", "api", "audit", "platform", "wordbook", "workorder")),
            Map.entry("layout", List.of("api", "audit", "platform")),
            Map.entry(
                    "orderfile",
                    List.of("account", "api", "audit", "layout", "platform", "site", "wordbook", "workorder")),
            Map.entry(
                    "packing",
                    List.of(
                            "account",
                            "audit",
                            "carton",
                            "item",
                            "platform",
                            "pricing",
                            "shipment",
                            "site",
                            "workorder")),
            Map.entry(
                    "posting",
                    List.of(
                            "api",
                            "audit",
                            "booking",
                            "books",
                            "connection",
                            "platform",
                            "returns",
                            "site",
                            "telling",
                            "voiding")),
            Map.entry("books", List.of("api", "audit", "carrier", "platform", "site")),
            Map.entry(
                    "mail",
                    List.of(
                            "api",
                            "audit",
                            "connection",
                            "document",
                            "moment",
                            "platform",
                            "returns",
                            "rule",
                            "shipment",
                            "site",
                            "telling",
                            "workorder")),
            Map.entry(
                    "customer",
                    List.of(
                            "api",
                            "audit",
                            "bench",
                            "carrier",
                            "document",
                            "job",
                            "mail",
                            "place",
                            "platform",
                            "pricing",
                            "shipment",
                            "site",
                            "telling",
                            "tracking",
                            "workorder")),
            Map.entry("moment", List.of("booking", "platform", "returns", "shipment", "telling", "voiding")),
            Map.entry(
                    "statusrule",
                    List.of(
                            "api",
                            "audit",
                            "job",
                            "moment",
                            "platform",
                            "returns",
                            "rule",
                            "shipment",
                            "site",
                            "telling",
                            "workorder")),
            Map.entry(
                    "subscription", List.of("api", "audit", "connection", "moment", "platform", "shipment", "telling")),
            Map.entry("telling", List.of("carrier", "platform", "shipment", "site")),
            Map.entry(
                    "writeback",
                    List.of(
                            "api",
                            "audit",
                            "connection",
                            "moment",
                            "platform",
                            "returns",
                            "shipment",
                            "telling",
                            "voiding",
                            "wordbook",
                            "workorder")),
            Map.entry(
                    "returns",
                    List.of(
                            "account",
                            "api",
                            "audit",
                            "carrier",
                            "connection",
                            "document",
                            "platform",
                            "pricing",
                            "shipment",
                            "site",
                            "voiding",
                            "workorder")),
            Map.entry(
                    "voiding",
                    List.of(
                            "account",
                            "audit",
                            "carrier",
                            "connection",
                            "document",
                            "platform",
                            "pricing",
                            "shipment",
                            "site",
                            "workorder")),
            Map.entry(
                    "pricing",
                    List.of(
                            "carrier",
                            "carton",
                            "charge",
                            "connection",
                            "customs",
                            "document",
                            "place",
                            "partner",
                            "platform",
                            "shipment",
                            "site")),
            Map.entry(
                    "rule",
                    List.of("account", "api", "audit", "document", "platform", "site", "wordbook", "workorder")),
            Map.entry("shipment", List.of("platform", "site", "workorder")),
            Map.entry("site", List.of("platform")),
            Map.entry(
                    "source",
                    List.of("api", "audit", "connection", "layout", "platform", "site", "wordbook", "workorder")),
            Map.entry("task", List.of("account", "api", "audit", "platform")),
            Map.entry(
                    "wordbook",
                    List.of("account", "api", "audit", "carrier", "carton", "platform", "site", "workorder")),
            Map.entry("workorder", List.of("api", "audit", "place", "platform", "site")));

    /** What a port needs is known to its adapters; nobody knows an adapter. */
    @ArchTest
    static final ArchRule ADAPTERS_ARE_FOUND_BY_THEIR_PORT_ONLY = classes()
            .that()
            .implement(Adapter.class)
            .and()
            .areNotInterfaces()
            .should()
            .bePackagePrivate()
            .andShould()
            .resideInAnyPackage("nobrec.server.*.*..");

    @ArchTest
    static final ArchRule ROOMS_USE_THEIR_NEIGHBORS_ONLY = classes().should(useNeighborsOnly());

    private static ArchCondition<JavaClass> useNeighborsOnly() {
        return new ArchCondition<>("use their room's neighbors only") {
            @Override
            public void check(JavaClass from, ConditionEvents events) {
                String room = room(from);
                for (Dependency dependency : from.getDirectDependenciesFromSelf()) {
                    JavaClass to = dependency.getTargetClass();
                    String other = room(to);
                    boolean allowed = room.isEmpty()
                            || other.isEmpty()
                            || other.equals(room)
                            || NEIGHBORS.getOrDefault(room, List.of()).contains(other);
                    if (!allowed) {
                        events.add(SimpleConditionEvent.violated(from, dependency.getDescription()));
                    }
                }
            }
        };
    }

    /** Empty text for what is in no room. */
    private static String room(JavaClass type) {
        Matcher room = ROOM.matcher(type.getPackageName());
        return room.find() ? room.group(1) : "";
    }

    private static final Pattern ROOM = Pattern.compile("^nobrec\\.server\\.([a-z]+)");

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
                                ForSignedCalls.class,
                                ForCustomers.class,
                                ForAllButPackers.class,
                                ForRuleKeepers.class,
                                ForTheDesk.class,
                                ForAdministrators.class,
                                ForCoordinators.class,
                                ForTheBooks.class,
                                PreAuthorize.class)
                        .anyMatch(method::isAnnotatedWith);
                events.add(new SimpleConditionEvent(method, says, method.getFullName()));
            }
        };
    }
}
