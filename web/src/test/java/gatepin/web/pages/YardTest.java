package gatepin.web.pages;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.web.RunningGatePin;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;

class YardTest {
    private final Visit visit = new Visit();
    private final Gates gates = new Gates(visit);

    private String shop(String name) {
        visit.go("/shops/new").type("#name", name).press("Open the shop");
        assertThat(visit.path()).startsWith("/jobs/new?shop=");
        return visit.path().replaceAll("\\D", "");
    }

    private String machine(String shop, String name) {
        visit.go("/jobs/new?shop=" + shop).type("#machine", name).press("Open the job");
        return visit.path().replace("/safe", "");
    }

    @Test
    void aShopOfOnesOwnHasTheWordsOfItsLand() {
        visit.go("/shops/new").type("#name", "Low Field").tick("input[name='region'][value='IEC']");
        visit.tick("input[value='household outlet 16 A']").press("Open the shop");
        String shop = visit.path().replaceAll("\\D", "");
        String job = machine(shop, "Root cutter");

        visit.go(job + "/safe");
        visit.tick("input[name='disconnect'][value='LOCKED']").tick("input[name='meterBefore']");
        visit.press("Save the lock-out");
        assertThat(visit.text(".ticket-actions")).contains("and to earth.");
        visit.go("/shops/" + shop);
        assertThat(visit.one("input[value='household outlet 16 A']").hasAttr("checked"))
                .isTrue();
        visit.tick("input[name='region'][value='NORTH_AMERICA']").press("Save the shop");
        visit.go(job + "/safe");
        assertThat(visit.text(".ticket-actions"))
                .as("what was kept as a key is said in the words of the new region")
                .contains("and to ground.");
    }

    @Test
    void badNamesAreToldAndNothingIsLost() {
        shop("Twice Farm");
        visit.go("/shops/new").type("#name", " twice farm ").press("Open the shop");
        assertThat(visit.complaints()).singleElement().asString().contains("There is a shop of this name already");
        assertThat(visit.value("#name")).isEqualTo(" twice farm ");
        visit.type("#name", "x".repeat(81)).press("Open the shop");
        assertThat(visit.complaints()).singleElement().asString().contains("at most 80");
        visit.type("#name", " ").press("Open the shop");
        assertThat(visit.complaints()).singleElement().asString().contains("Give the shop a name");
    }

    @Test
    void aMachineIsRenamedSetAsideAndBroughtBack() {
        String shop = shop("Aside Farm");
        String job = machine(shop, "Old press");
        machine(shop, "Other press");
        visit.go(job + "/machine").type("#machine", "Other press").press("Save the name");
        assertThat(visit.complaints()).singleElement().asString().contains("already has a machine called Other press");
        visit.type("#machine", "Oil press").press("Save the name");
        visit.go(job + "/log");
        assertThat(visit.text("table")).contains("Renamed from Old press to Oil press.");

        visit.go(job + "/machine").press("Set this machine aside");
        assertThat(visit.text()).contains("Oil press");
        assertThat(visit.go("/?q=oil+press").text("[data-found]")).isEmpty();
        visit.go("/aside");
        Element row = visit.all(".row").stream()
                .filter(r -> r.text().contains("Oil press"))
                .findFirst()
                .orElseThrow();
        visit.press(row.selectFirst("button"));
        assertThat(visit.path()).startsWith(job);
        assertThat(visit.go("/?q=oil+press").text("[data-found]")).contains("Oil press");

        visit.go("/shops/" + shop).press("Set this shop aside");
        assertThat(visit.go("/").text("main")).doesNotContain("Aside Farm");
        visit.go("/shops/" + shop).press("Bring the shop back");
        assertThat(visit.go("/").text("main")).contains("Aside Farm");
    }

    @Test
    void ofTwoWhoCallAMachineOrAShopOtherwiseOneIsToldWithBoth() {
        String shop = shop("Two names Farm");
        String job = machine(shop, "Named machine");
        Visit other = new Visit();
        visit.go(job + "/machine").type("#note", "mine");
        other.go(job + "/machine").type("#note", "theirs").press("Save the name");
        visit.press("Save the name");
        assertThat(visit.status()).isEqualTo(409);
        assertThat(visit.text("[role=alert]")).contains("Somebody saved this", "Note", "theirs", "mine");
        assertThat(visit.value("#note")).isEqualTo("mine");
        visit.press("Save the name");
        assertThat(visit.go(job + "/machine").value("#note"))
                .as("saved again, knowing both")
                .isEqualTo("mine");

        visit.go("/shops/" + shop).type("#zone", "Europe/Paris");
        other.go("/shops/" + shop).type("#zone", "Asia/Tokyo").press("Save the shop");
        visit.press("Save the shop");
        assertThat(visit.status()).isEqualTo(409);
        assertThat(visit.text("[role=alert]")).contains("Asia/Tokyo", "Europe/Paris");
        visit.press("Save the shop");
        assertThat(visit.go("/shops/" + shop).value("#zone")).isEqualTo("Europe/Paris");
    }

    @Test
    void machinesAreFoundByNameMarkPowerAndShop() {
        String job = gates.bringIn("Finder machine");
        gates.typePlate("1-1/2", "115", "18.4", "230", "9.2", "1725");
        gates.pullPin();
        gates.typeLeads("T1", "T2", "T3", "T4", "S5", "T8X");
        visit.choose("[name='leads[4].winding']", "start 1").choose("[name='leads[5].winding']", "start 1");
        gates.typeColumn("230", "TWO_HOT", "T1", "T4 T8X", "T2 T3 S5", "S5 T8X");
        assertThat(visit.path()).startsWith(job + "/diagram?saved");
        for (String words : new String[] {"finder", "1-1/2+hp", "t8x", "finder+saltmarsh"}) {
            assertThat(visit.go("/?q=" + words).text("[data-found]")).as(words).contains("Finder machine");
        }
        assertThat(visit.go("/?q=finder+tern").all("[data-found]")).isEmpty();
        assertThat(visit.text("main")).contains("No machine here is called so");
    }

    @Test
    void theNumberOfQueriesDoesNotGrowWithTheMachines() {
        String shop = shop("Query Farm");
        String job = machine(shop, "Query machine 0");
        long few = queries("/");
        for (int i = 1; i <= 25; i++) {
            machine(shop, "Query machine " + i);
        }
        assertThat(queries("/")).as("the yard, with 25 machines more").isEqualTo(few);
        for (String page :
                new String[] {"plate", "diagram", "supply", "rotation", "switch", "wire", "cold", "live", "run-up"}) {
            visit.go(job + "/" + page);
            assertThat(queries(job + "/" + page)).as(page).isLessThanOrEqualTo(8);
        }
    }

    /** How many statements the database was asked for a page that was shown before. */
    private long queries(String page) {
        visit.go(page);
        long before = asked();
        visit.go(page);
        return asked() - before;
    }

    private static long asked() {
        return RunningGatePin.get()
                .bean(JdbcClient.class)
                .sql("show global status like 'Questions'")
                .query((row, n) -> row.getLong("Value"))
                .single();
    }
}
