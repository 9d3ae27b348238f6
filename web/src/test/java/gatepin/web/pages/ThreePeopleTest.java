package gatepin.web.pages;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.lane.Facts;
import gatepin.web.Figures;
import gatepin.web.RunningGatePin;
import gatepin.web.lane.JobFile;
import gatepin.web.lane.JobFiles;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.FormElement;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * Three people on one job, each with some form of some of its pages: whatever they do at once leaves the job as it would be had they done
 * it one after another. The forms are those that the pages show, and the pages are found by their routes: a new one is among them by
 * itself.
 */
@Tag("alone")
class ThreePeopleTest {
    private static final ExecutorService PEOPLE = Executors.newFixedThreadPool(3);
    private static final List<List<Integer>> ORDERS = List.of(
            List.of(0, 1, 2), List.of(0, 2, 1), List.of(1, 0, 2), List.of(1, 2, 0), List.of(2, 0, 1), List.of(2, 1, 0));
    private static final List<String> WORDS =
            List.of("1", "2", "9", "0.3", "2.4", "OL", "40", "T1", "T5 T8", "230", "115", "press", "my own words");
    private static int shops;

    private final Random random = new Random(Long.getLong("gatepin.seed", 11));

    /** A form of a page of a job, by its place on it, and what is done to it before it is sent. */
    private record Deed(String page, int form, String action, long hand) {
        /** The form as somebody has it on his screen, with his words in it. */
        FormElement onScreen(Visit visit, String job) {
            FormElement form = forms(visit.go(job + page)).get(this.form);
            fill(form, new Random(hand));
            return form;
        }

        @Override
        public String toString() {
            return action + " of " + page + " by hand " + hand;
        }
    }

    private static List<FormElement> forms(Visit visit) {
        return visit.all("form[method=post]:not([enctype])").stream()
                .map(FormElement.class::cast)
                // what is set aside is out of reach; where a practice or a shop is meant, no job is
                .filter(f -> f.attr("action").startsWith("/jobs/")
                        && !f.attr("action").endsWith("/aside"))
                .toList();
    }

    /** What a person might do at a form: choose otherwise, tick, write another figure. */
    private static void fill(FormElement form, Random hand) {
        for (Element field : form.elements()) {
            boolean changed = hand.nextInt(3) == 0;
            String word = WORDS.get(hand.nextInt(WORDS.size()));
            int which = hand.nextInt(1000);
            if (!changed
                    || field.attr("type").equals("hidden")
                    || field.tagName().equals("button")) {
                continue;
            }
            if (field.tagName().equals("select")) {
                List<Element> options = field.select("option");
                options.forEach(o -> o.removeAttr("selected"));
                if (!options.isEmpty()) {
                    options.get(which % options.size()).attr("selected", "selected");
                }
            } else if (field.attr("type").equals("radio")) {
                form.select("input[type=radio][name='" + field.attr("name") + "']")
                        .forEach(r -> r.removeAttr("checked"));
                field.attr("checked", "checked");
            } else if (field.attr("type").equals("checkbox")) {
                if (field.hasAttr("checked")) {
                    field.removeAttr("checked");
                } else {
                    field.attr("checked", "checked");
                }
            } else if (field.tagName().equals("textarea")) {
                field.text(word);
            } else {
                field.val(word);
            }
        }
    }

    /** A job whose wires are made and whose first cold reading is written down, in a shop of its own. */
    private static String job() {
        Visit visit = new Visit();
        Gates gates = new Gates(visit);
        String job = gates.bringIntoAShopOfItsOwn("Three people " + shops++);
        gates.sixLeadsToTheWireList();
        gates.tickEveryWire();
        visit.go(job + "/cold").type("#ohms", "OL").press("Write it down");
        return job;
    }

    private static JobFile file(String job) {
        return RunningGatePin.get().bean(JobFiles.class).file(Long.parseLong(job.replaceAll("\\D", "")));
    }

    private static Facts facts(String job) {
        return file(job).facts();
    }

    @AfterAll
    static void goHome() {
        PEOPLE.shutdown();
    }

    @Test
    @DisplayName("any three forms of a job's pages sent at once leave it as some order one after another would")
    void threeAtOnce() throws Exception {
        List<Deed> all = deeds();
        Set<String> sent = new TreeSet<>();
        int changed = 0;
        int rounds = Integer.getInteger("gatepin.threes", 4);
        for (int round = 0; round < rounds; round++) {
            List<Deed> three = List.of(any(all), any(all), any(all));
            three.forEach(d -> sent.add(d.action()));
            String together = job();
            Facts before = facts(together);
            List<Integer> answers = atOnce(three, together);
            assertThat(answers).as("" + three).allMatch(a -> a < 500);
            assertThat(file(together).workup().fallen())
                    .as("pins out without evidence after " + three)
                    .isEmpty();
            Facts after = facts(together);
            changed += after.equals(before) ? 0 : 1;
            assertThat(isOfSomeOrder(three, after)).as(three + ": " + answers).isTrue();
        }
        assertThat(changed).as("rounds in which anything was written").isPositive();
        Figures.say(
                "three people: %d rounds, %d of them changed the job; %d forms of %d",
                rounds,
                changed,
                sent.size(),
                all.stream().map(Deed::action).distinct().count());
    }

    private Deed any(List<Deed> all) {
        Deed one = all.get(random.nextInt(all.size()));
        return new Deed(one.page(), one.form(), one.action(), random.nextInt(1_000_000));
    }

    private List<Deed> deeds() {
        String job = job();
        Visit visit = new Visit();
        List<Deed> all = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (String page : Routes.ofAJob()) {
            if (visit.statusOf(job + page) != 200) {
                continue;
            }
            List<FormElement> forms = forms(visit.go(job + page));
            for (int i = 0; i < forms.size(); i++) {
                String action = forms.get(i).attr("action").replace(job, "").replaceAll("\\d+", "N");
                // of forms that are the same for many wires, one stands for all
                if (seen.add(page + " " + action)) {
                    all.add(new Deed(page, i, action, 0));
                }
            }
        }
        assertThat(all).as("forms of a job").hasSizeGreaterThan(30);
        return all;
    }

    private static boolean isOfSomeOrder(List<Deed> three, Facts after) {
        for (List<Integer> order : ORDERS) {
            String job = job();
            List<Runnable> ready = ready(three, job, new ArrayList<>());
            order.forEach(i -> ready.get(i).run());
            if (facts(job).equals(after)) {
                return true;
            }
        }
        return false;
    }

    /** All three as they stand on the screens before anybody sends his. */
    private static List<Runnable> ready(List<Deed> three, String job, List<Integer> answers) {
        List<Runnable> ready = new ArrayList<>();
        for (Deed deed : three) {
            Visit visit = new Visit();
            FormElement form = deed.onScreen(visit, job);
            ready.add(() -> {
                int answer = visit.statusOfSubmitting(form, List.of());
                synchronized (answers) {
                    answers.add(answer);
                }
            });
        }
        return ready;
    }

    private static List<Integer> atOnce(List<Deed> three, String job) throws Exception {
        List<Integer> answers = new ArrayList<>();
        CountDownLatch go = new CountDownLatch(1);
        List<Future<?>> done = new ArrayList<>();
        for (Runnable act : ready(three, job, answers)) {
            done.add(PEOPLE.submit(() -> {
                go.await();
                act.run();
                return null;
            }));
        }
        go.countDown();
        for (Future<?> future : done) {
            future.get();
        }
        return answers;
    }
}
