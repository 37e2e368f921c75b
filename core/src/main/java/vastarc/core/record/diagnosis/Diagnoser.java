package vastarc.core.record.diagnosis;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.base.text.Phrase;
import vastarc.core.domain.joint.Joint;
import vastarc.core.record.diagnosis.Cause.Answer;
import vastarc.core.record.diagnosis.Diagnosis.NextCheck;
import vastarc.core.record.diagnosis.Diagnosis.RankedCause;
import vastarc.core.record.diagnosis.Evidence.EvidenceWeight;
import vastarc.core.record.diagnosis.Symptom.SymptomPlace;

/**
 * Weighs causes: prior, times what is seen and not seen, times what the set-up says, times what trying has taught. Naive combination: signs
 * are taken as independent given the cause, which counts one and the same fault twice where it leaves two signs that always go together.
 */
public final class Diagnoser {

    private static final double LEAST_DROP = 0.02;
    private static final int WHY_SHOWN = 6;
    private static final double GAS_SURE = 0.6;
    private static final Set<String> TUBES_ONLY = Set.of("PINHOLE_TIE_IN");

    private final DiagnosisRequest ask;
    private final List<Cause> causes = Cause.all();
    private final List<Symptom> seen;
    private final List<Symptom> missing;
    private final EvidenceWeight[] evidence;

    private Diagnoser(DiagnosisRequest request) {
        this.ask = request;
        this.seen = signs(request.seen());
        this.missing = signs(request.notSeen());
        Evidence setup = new Evidence(request);
        this.evidence = causes.stream().map(setup::of).toArray(EvidenceWeight[]::new);
    }

    private List<Symptom> signs(Set<String> ids) {
        return ids.stream()
                .sorted()
                .map(Symptom::named)
                .flatMap(Optional::stream)
                .filter(symptom -> symptom.fits(ask.sheet().joint().material()))
                .toList();
    }

    /**
     * Ranks the causes of what is seen on a bead: prior times the likelihood ratios of symptoms, settings and
     * answers, normalised to 1 (Bayes).
     *
     * @param request the request
     * @return the diagnosis
     */
    public static Diagnosis read(DiagnosisRequest request) {
        return new Diagnoser(request).read();
    }

    private Diagnosis read() {
        double[] shares = shares();
        List<RankedCause> weighed = new ArrayList<>();
        for (int i = 0; i < shares.length; i++) {
            if (shares[i] > 0) {
                Cause cause = causes.get(i);
                weighed.add(new RankedCause(
                        cause,
                        shares[i],
                        why(cause, evidence[i]),
                        Remedy.of(cause, ask),
                        shares[i] / cause.cost().times()));
            }
        }
        weighed.sort(Comparator.comparingDouble(RankedCause::share).reversed());
        return new Diagnosis(weighed, question(shares), check(shares), conflicts(weighed));
    }

    private double[] shares() {
        double[] weights = new double[causes.size()];
        for (int i = 0; i < weights.length; i++) {
            Cause cause = causes.get(i);
            double weight = explains(cause) ? cause.prior() * evidence[i].factor() * ask.priors(cause) : 0;
            for (Symptom symptom : seen) {
                weight *= symptom.of(cause).seen();
            }
            for (Symptom symptom : missing) {
                weight *= symptom.of(cause).missing();
            }
            weights[i] = weight;
        }
        return normalised(weights);
    }

    /** Whether it causes at least one of the symptoms that were seen; where nothing was, every cause is as good. */
    private boolean explains(Cause cause) {
        return seen.isEmpty()
                || seen.stream()
                        .anyMatch(symptom -> symptom.of(cause).speaks() || symptom.of(cause) == Likelihood.RARELY);
    }

    private static double[] normalised(double[] weights) {
        double sum = Arrays.stream(weights).sum();
        return sum <= 0
                ? weights
                : Arrays.stream(weights).map(weight -> weight / sum).toArray();
    }

    private List<Phrase> why(Cause cause, EvidenceWeight weight) {
        List<Phrase> why = new ArrayList<>(weight.why());
        for (Symptom symptom : seen) {
            Likelihood likelihood = symptom.of(cause);
            if (likelihood.speaks()) {
                why.add(Phrase.of(likelihood.words(), Phrase.of(symptom.words())));
            }
        }
        double lean = ask.priors(cause);
        if (lean > 1.05 || lean < 0.95) {
            why.add(Phrase.of(lean > 1 ? "reading.why.leans" : "reading.why.leansAway"));
        }
        return why.subList(0, Math.min(WHY_SHOWN, why.size()));
    }

    /** The sign or question that is expected to leave the least doubt. */
    private Optional<Diagnosis.NextQuestion> question(double[] shares) {
        double doubt = entropy(shares);
        Diagnosis.NextQuestion best = null;
        for (Symptom symptom : Symptom.all()) {
            boolean asked = ask.seen().contains(symptom.id()) || ask.notSeen().contains(symptom.id());
            if (!asked && canBeSeen(symptom)) {
                best = better(
                        best,
                        new Diagnosis.NextQuestion(
                                Optional.of(symptom), Optional.empty(), doubt - after(symptom, shares)));
            }
        }
        for (String question :
                DiagnosisRequest.QUESTIONS.keySet().stream().sorted().toList()) {
            if (!ask.answers().containsKey(question)) {
                best = better(
                        best,
                        new Diagnosis.NextQuestion(
                                Optional.empty(), Optional.of(question), doubt - after(question, shares)));
            }
        }
        return Optional.ofNullable(best).filter(found -> found.drop() >= LEAST_DROP);
    }

    /** On this joint at all: no tie-in of a tube on plate, no root of a fillet, nor where no back lies open. */
    private boolean canBeSeen(Symptom symptom) {
        Joint joint = ask.sheet().joint();
        boolean ofTube = TUBES_ONLY.contains(symptom.id());
        boolean ofBack = symptom.place() == SymptomPlace.ROOT;
        return symptom.fits(joint.material())
                && (!ofTube || joint.tubeOd().isPresent())
                && (!ofBack || joint.hasOpenBack() && !joint.isCorner());
    }

    private static Diagnosis.NextQuestion better(
            Diagnosis.@Nullable NextQuestion nextQuestion, Diagnosis.NextQuestion other) {
        return nextQuestion == null || other.drop() > nextQuestion.drop() + 1e-12 ? other : nextQuestion;
    }

    private double after(Symptom symptom, double[] shares) {
        double[] yes = new double[shares.length];
        double[] no = new double[shares.length];
        double shown = 0;
        for (int i = 0; i < shares.length; i++) {
            Likelihood likelihood = symptom.of(causes.get(i));
            yes[i] = shares[i] * likelihood.seen();
            no[i] = shares[i] * likelihood.missing();
            shown += shares[i] * likelihood.shows();
        }
        return shown * entropy(normalised(yes)) + (1 - shown) * entropy(normalised(no));
    }

    /** A check either finds the cause, which leaves no doubt, or takes it out. */
    private Optional<NextCheck> check(double[] shares) {
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
        return best < 0 ? Optional.empty() : Optional.of(new NextCheck(causes.get(best), most));
    }

    /** A question either makes its causes certain or takes them out, or lowers them. */
    private double after(String question, double[] shares) {
        double[] yes = new double[shares.length];
        double[] no = new double[shares.length];
        double speaks = 0;
        for (int i = 0; i < shares.length; i++) {
            Optional<Answer> told =
                    causes.get(i).answer().filter(answer -> answer.question().equals(question));
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

    /** Everything points to the gas, and what was given of it says that it is right. */
    private List<Phrase> conflicts(List<RankedCause> weighed) {
        double gas = weighed.stream()
                .filter(ranked -> ranked.cause().group().equals("GAS"))
                .mapToDouble(RankedCause::share)
                .sum();
        boolean flowTold = ask.set().containsKey(ParameterKey.GAS_FLOW);
        boolean right = weighed.stream()
                .limit(3)
                .noneMatch(ranked -> ranked.cause().id().equals("FLOW_LOW")
                        || ranked.cause().id().equals("FLOW_HIGH"));
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
