package vastarc.core.training;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import vastarc.core.training.Question.Choice;

/** Chance by a seed. */
final class SeededRandom {

    private final SplittableRandom random;

    SeededRandom(long seed) {
        this.random = new SplittableRandom(seed);
    }

    <T> T one(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    int below(int bound) {
        return random.nextInt(bound);
    }

    double between(double low, double high) {
        return low + (high - low) * random.nextDouble();
    }

    /** So many different ones, in an order of chance; fewer where there are not so many. */
    <T> List<T> some(List<T> of, int count) {
        List<T> all = shuffled(of);
        return all.subList(0, Math.min(count, all.size()));
    }

    <T> List<T> shuffled(List<T> of) {
        List<T> all = new ArrayList<>(of);
        for (int i = all.size() - 1; i > 0; i--) {
            int other = random.nextInt(i + 1);
            T kept = all.get(i);
            all.set(i, all.get(other));
            all.set(other, kept);
        }
        return all;
    }

    /** A right choice among wrong ones, where it falls. */
    AnswerChoices among(Choice right, List<Choice> wrong) {
        List<Choice> all = new ArrayList<>(wrong);
        all.add(right);
        List<Choice> mixed = shuffled(all);
        return new AnswerChoices(mixed, mixed.indexOf(right));
    }

    /** Choices, and which is right. */
    record AnswerChoices(List<Choice> all, int right) {}
}
