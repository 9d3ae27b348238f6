package gatepin.web.lane;

import static org.assertj.core.api.Assertions.assertThat;

import gatepin.core.Effort;
import gatepin.web.lane.Computing.Answer;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Long work beside the request: how far it is, stopped, given up, refused, and never in the way of other work. */
@Tag("alone")
class ComputingTest {
    private final Computing computing = new Computing();

    @AfterEach
    void close() {
        computing.close();
    }

    /** Goes on until it is stopped, halfway done. */
    private static String endless(Effort effort) {
        while (true) {
            effort.reached(0.5);
            Thread.onSpinWait();
        }
    }

    @Test
    void whatIsQuickIsThereAtOnce() {
        assertThat(computing.ask(1, "facts", "plans", effort -> "done").value()).contains("done");
    }

    @Test
    void whatTakesLongSaysHowFarItIsAndCanBeStopped() throws InterruptedException {
        Answer<String> first = computing.ask(1, "facts", "plans", ComputingTest::endless);
        assertThat(first.isUnderWay()).isTrue();
        assertThat(first.percent()).isEqualTo(50);

        computing.stop(1);
        Answer<String> then = computing.ask(1, "facts", "plans", ComputingTest::endless);

        assertThat(then.failure()).isEqualTo("It was stopped.");
    }

    @Test
    void otherFactsEndWhatWasBegunForTheOldOnes() throws InterruptedException {
        CountDownLatch ended = new CountDownLatch(1);
        computing.ask(1, "old facts", "plans", effort -> {
            try {
                return endless(effort);
            } finally {
                ended.countDown();
            }
        });

        assertThat(computing.ask(1, "new facts", "plans", effort -> "done").value())
                .contains("done");
        assertThat(ended.await(5, TimeUnit.SECONDS)).isTrue();
    }

    @Test
    void whatFailsIsSaidInWordsAndTakesNothingWithIt() {
        Answer<String> failed = computing.ask(1, "facts", "plans", effort -> {
            throw new IllegalStateException("inside");
        });

        assertThat(failed.failure()).contains("could not work this out").doesNotContain("inside", "Exception");
        assertThat(computing.ask(2, "facts", "plans", effort -> "done").value()).contains("done");
        assertThat(computing.ask(1, "facts", "plans", effort -> "again").value())
                .contains("again");
    }

    @Test
    void thereIsRoomForOnlySoMuchAndTheRestIsToldSo() {
        CountDownLatch all = new CountDownLatch(1);
        boolean refused = false;
        for (long job = 1; job <= 60 && !refused; job++) {
            refused = computing
                    .begin(job + " plans", "facts", effort -> {
                        while (all.getCount() > 0) {
                            effort.look();
                        }
                        return "done";
                    })
                    .isEmpty();
        }
        all.countDown();

        assertThat(refused).isTrue();
    }
}
