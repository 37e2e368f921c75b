package vastarc.core.reading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vastarc.core.joint.Joint;
import vastarc.core.sheet.SettingKey;
import vastarc.core.wording.Phrase;

/**
 * Weighs causes: prior, times what is seen and not seen, times what the set-up says, times what trying has taught. Naive combination: signs
 * are taken as independent given the cause, which counts one and the same fault twice where it leaves two signs that always go together.
 */
public final class Reader {

    private static final double LEAST_DROP = 0.02;
    private static final int WHY_SHOWN = 6;
    private static final double GAS_SURE = 0.6;
    private static final Set<String> TUBES_ONLY = Set.of("PINHOLE_TIE_IN");

    private final ReadingAsk ask;
    private final List<Cause> causes = Cause.all();
    private final List<Sign> seen;
    private final List<Sign> missing;
    private final Evidence.Weight[] evidence;

    private Reader(ReadingAsk ask) {
        this.ask = ask;
        this.seen = signs(ask.seen());
        this.missing = signs(ask.notSeen());
        Evidence setup = new Evidence(ask);
        this.evidence = causes.stream().map(setup::of).toArray(Evidence.Weight[]::new);
    }

    private List<Sign> signs(Set<String> ids) {
        return ids.stream()
                .sorted()
                .map(Sign::named)
                .flatMap(Optional::stream)
                .filter(sign -> sign.fits(ask.sheet().joint().material()))
                .toList();
    }

    public static Reading read(ReadingAsk ask) {
        return new Reader(ask).read();
    }

    private Reading read() {
        double[] shares = shares();
        List<Reading.Weighed> weighed = new ArrayList<>();
        for (int i = 0; i < shares.length; i++) {
            if (shares[i] > 0) {
                Cause cause = causes.get(i);
                weighed.add(new Reading.Weighed(
                        cause,
                        shares[i],
                        why(cause, evidence[i]),
                        Remedy.of(cause, ask),
                        shares[i] / cause.cost().times()));
            }
        }
        weighed.sort(Comparator.comparingDouble(Reading.Weighed::share).reversed());
        return new Reading(weighed, question(shares), check(shares), conflicts(weighed));
    }

    private double[] shares() {
        double[] weights = new double[causes.size()];
        for (int i = 0; i < weights.length; i++) {
            Cause cause = causes.get(i);
            double weight = explains(cause) ? cause.prior() * evidence[i].factor() * ask.lean(cause) : 0;
            for (Sign sign : seen) {
                weight *= sign.of(cause).seen();
            }
            for (Sign sign : missing) {
                weight *= sign.of(cause).missing();
            }
            weights[i] = weight;
        }
        return normalised(weights);
    }

    /** Whether it leaves at least one of the signs that were seen; where nothing was, every cause is as good. */
    private boolean explains(Cause cause) {
        return seen.isEmpty()
                || seen.stream().anyMatch(sign -> sign.of(cause).speaks() || sign.of(cause) == Grade.RARELY);
    }

    private static double[] normalised(double[] weights) {
        double sum = Arrays.stream(weights).sum();
        return sum <= 0
                ? weights
                : Arrays.stream(weights).map(weight -> weight / sum).toArray();
    }

    private List<Phrase> why(Cause cause, Evidence.Weight weight) {
        List<Phrase> why = new ArrayList<>(weight.why());
        for (Sign sign : seen) {
            Grade grade = sign.of(cause);
            if (grade.speaks()) {
                why.add(Phrase.of(grade.words(), Phrase.of(sign.words())));
            }
        }
        double lean = ask.lean(cause);
        if (lean > 1.05 || lean < 0.95) {
            why.add(Phrase.of(lean > 1 ? "reading.why.leans" : "reading.why.leansAway"));
        }
        return why.subList(0, Math.min(WHY_SHOWN, why.size()));
    }

    /** The sign or question that is expected to leave the least doubt. */
    private Optional<Reading.Question> question(double[] shares) {
        double doubt = entropy(shares);
        Reading.Question best = null;
        for (Sign sign : Sign.all()) {
            boolean asked = ask.seen().contains(sign.id()) || ask.notSeen().contains(sign.id());
            if (!asked && canBeSeen(sign)) {
                best = better(
                        best, new Reading.Question(Optional.of(sign), Optional.empty(), doubt - after(sign, shares)));
            }
        }
        for (String question : ReadingAsk.QUESTIONS.keySet().stream().sorted().toList()) {
            if (!ask.told().containsKey(question)) {
                best = better(
                        best,
                        new Reading.Question(Optional.empty(), Optional.of(question), doubt - after(question, shares)));
            }
        }
        return Optional.ofNullable(best).filter(found -> found.drop() >= LEAST_DROP);
    }

    /** On this joint at all: no tie-in of a tube on plate, no root of a fillet, nor where no back lies open. */
    private boolean canBeSeen(Sign sign) {
        Joint joint = ask.sheet().joint();
        boolean ofTube = TUBES_ONLY.contains(sign.id());
        boolean ofBack = sign.place() == Sign.Place.ROOT;
        return sign.fits(joint.material())
                && (!ofTube || joint.tubeOd().isPresent())
                && (!ofBack || joint.hasOpenBack() && !joint.isCorner());
    }

    private static Reading.Question better(Reading.@Nullable Question one, Reading.Question other) {
        return one == null || other.drop() > one.drop() + 1e-12 ? other : one;
    }

    private double after(Sign sign, double[] shares) {
        double[] yes = new double[shares.length];
        double[] no = new double[shares.length];
        double shown = 0;
        for (int i = 0; i < shares.length; i++) {
            Grade grade = sign.of(causes.get(i));
            yes[i] = shares[i] * grade.seen();
            no[i] = shares[i] * grade.missing();
            shown += shares[i] * grade.shows();
        }
        return shown * entropy(normalised(yes)) + (1 - shown) * entropy(normalised(no));
    }

    /** A check either finds the cause, which leaves no doubt, or takes it out. */
    private Optional<Reading.Check> check(double[] shares) {
        double doubt = entropy(shares);
        int best = -1;
        double most = LEAST_DROP;
        for (int i = 0; i < shares.length; i++) {
            double[] rest = shares.clone();
            rest[i] = 0;
            double drop = doubt - (1 - shares[i]) * entropy(normalised(rest));
            if (shares[i] > 0 && drop > most) {
                best = i;
                most = drop;
            }
        }
        return best < 0 ? Optional.empty() : Optional.of(new Reading.Check(causes.get(best), most));
    }

    /** A question to be told either makes its causes certain or takes them out, or lowers them. */
    private double after(String question, double[] shares) {
        double[] yes = new double[shares.length];
        double[] no = new double[shares.length];
        double speaks = 0;
        for (int i = 0; i < shares.length; i++) {
            Optional<Cause.Told> told =
                    causes.get(i).told().filter(one -> one.question().equals(question));
            yes[i] = shares[i] * (told.isPresent() ? Evidence.CERTAIN : 1);
            no[i] = shares[i] * (told.isEmpty() ? 1 : told.get().soft() ? 0.1 : 0);
            speaks += told.isPresent() ? shares[i] : 0;
        }
        return speaks * entropy(normalised(yes)) + (1 - speaks) * entropy(normalised(no));
    }

    private static double entropy(double[] shares) {
        double bits = 0;
        for (double share : shares) {
            bits -= share > 0 ? share * Math.log(share) / Math.log(2) : 0;
        }
        return bits;
    }

    /** Everything points to the gas, and what was told of it says that it is right. */
    private List<Phrase> conflicts(List<Reading.Weighed> weighed) {
        double gas = weighed.stream()
                .filter(one -> one.cause().group().equals("GAS"))
                .mapToDouble(Reading.Weighed::share)
                .sum();
        boolean flowTold = ask.set().containsKey(SettingKey.GAS_FLOW);
        boolean right = weighed.stream()
                .limit(3)
                .noneMatch(one ->
                        one.cause().id().equals("FLOW_LOW") || one.cause().id().equals("FLOW_HIGH"));
        List<Phrase> conflicts = new ArrayList<>();
        if (gas > GAS_SURE && flowTold && right) {
            conflicts.add(Phrase.of("reading.conflict.gas"));
        }
        if (seen.stream().anyMatch(missing::contains)) {
            conflicts.add(Phrase.of("reading.conflict.both"));
        }
        return conflicts;
    }
}
