package gatepin.core.practice;

import gatepin.core.Sentence;
import java.util.List;

/**
 * How an exercise was solved.
 *
 * @param answers question by question
 * @param used how many uses of what counts
 * @param fewest how many the best way takes: no solution that is sure of its answers needs fewer
 * @param slips what went wrong on the way
 * @param hints how many hints were asked for
 */
public record Marked(List<Answered> answers, int used, int fewest, List<Slip> slips, int hints) {
    private static final int FOR_RIGHT = 60;
    private static final int FOR_FEW = 20;
    private static final int FOR_SAFE = 20;
    private static final int A_SLIP = 5;
    private static final int A_HARM = 20;
    private static final int A_HINT = 10;

    /**
     * A question with what was answered and what is right.
     *
     * @param consequence what a wrong answer would have brought about
     */
    public record Answered(Sentence question, Sentence given, Sentence right, boolean isRight, Sentence consequence) {}

    public Marked {
        answers = List.copyOf(answers);
        slips = List.copyOf(slips);
    }

    /** All that was asked is right. */
    public boolean isRight() {
        return answers.stream().allMatch(Answered::isRight);
    }

    /** Right, and nothing was hurt on the way. */
    public boolean isSolved() {
        return isRight() && slips.stream().noneMatch(Slip::isHarm);
    }

    /** Points out of a hundred: for what is right, for few probes, for safety and the order of work. */
    public int points() {
        long right = answers.stream().filter(Answered::isRight).count();
        double share = answers.isEmpty() ? 1 : (double) right / answers.size();
        double few = !isSolved() ? 0 : used <= fewest ? 1 : (double) fewest / used;
        long harms = slips.stream().filter(Slip::isHarm).count();
        double safe = isRight() ? FOR_SAFE - A_SLIP * (slips.size() - harms) : 0;
        return (int) Math.max(
                0, Math.round(FOR_RIGHT * share + FOR_FEW * few + Math.max(0, safe) - A_HARM * harms - A_HINT * hints));
    }
}
