package nobrec.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** A city that is written wrong, and the one that was meant: by keys alone. */
class ProposedAddressTest {

    private static final String ORDERS = String.join(
            "\n",
            "Order No,Customer,Ship To,Street,City,State,ZIP,Country,Ship Via,Item,Qty,Unit Wt lb",
            "E2E-41,Osier Looms,Osier Looms,88 Carding Lane,Madsion,WI,53703,US,Plover Ground,HEDDLE,4,2");

    private final Application application = Application.running();

    @Test
    void isTakenByOneKey() {
        try (Desk desk = new Desk(application).signIn("ines")) {
            desk.pressWithAlt("2");
            desk.waitFor("table");
            desk.dropFile("meant-orders.csv", ORDERS);
            desk.waitForText("1 went in");
            desk.open("/bench?job=E2E-41");
            desk.waitForText("Meant?");
            assertThat(desk.screen()).contains("Madsion, WI 53703", "53703 is Madison, WI.");
            desk.pressWithAlt("a");
            desk.waitUntilGone("Meant?");
            assertThat(desk.screen()).contains("Madison, WI 53703").doesNotContain("Madsion");
        }
    }
}
