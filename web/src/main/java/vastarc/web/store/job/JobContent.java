package vastarc.web.store.job;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.TriggerMode;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.ParameterTopic;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.SheetDocument;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.input.WeldFields;

/**
 * What a job says: the joint as the welder typed it, and what is beside it.
 *
 * @param joint   as typed
 * @param schools this job's own choice of a method, by matter
 * @param logic   how the machine answers its trigger; empty for the usual one of the arc control
 * @param own     the welder's own values
 * @param machine it is welded with; empty for the one that suits best
 * @param torch   fitted to it; empty where it is not given
 * @param proof   what it was proven with; empty for an open job
 * @param pass    the pass that is shown, from 1
 * @param purge   its purge as typed, and what happened to it
 */
public record JobContent(
        JointText joint,
        Map<ParameterTopic, Method> schools,
        Optional<TriggerModeName> logic,
        OwnValuesText own,
        Optional<UUID> machine,
        Optional<UUID> torch,
        Optional<ProvenSheet> proof,
        int pass,
        PurgeText purge) {

    /** A job's own method is sent under this name, followed by the matter's. */
    public static final String SCHOOL = "school.";

    private static final int MOST_PASSES = 99;

    public JobContent {
        Map<ParameterTopic, Method> sorted = new EnumMap<>(ParameterTopic.class);
        sorted.putAll(schools);
        sorted.entrySet().removeIf(entry -> entry.getValue().matter() != entry.getKey());
        schools = Collections.unmodifiableMap(sorted);
    }

    /**
     * {@return a joint with nothing beside it}
     *
     * @param joint the joint text
     */
    public static JobContent of(JointText joint) {
        return new JobContent(
                joint,
                Map.of(),
                Optional.empty(),
                OwnValuesText.none(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                1,
                PurgeText.none());
    }

    /**
     * {@return this content with one part replaced}
     *
     * @param other the other one
     */
    public JobContent with(JointText other) {
        return new JobContent(other, schools, logic, own, machine, torch, proof, pass, purge);
    }

    /**
     * {@return this content with one part replaced}
     *
     * @param other the other one
     */
    public JobContent with(OwnValuesText other) {
        return new JobContent(joint, schools, logic, other, machine, torch, proof, pass, purge);
    }

    /**
     * {@return another logic brings the arc control it belongs to}
     *
     * @param other the other one
     */
    public JobContent with(Optional<TriggerModeName> other) {
        JointText controlled = other.map(TriggerMode::of)
                .flatMap(TriggerMode::control)
                .map(control -> joint.with(WeldFields.CONTROL, Optional.of(control.name())))
                .orElse(joint);
        return new JobContent(controlled, schools, other, own, machine, torch, proof, pass, purge);
    }

    /**
     * {@return this content with other methods}
     *
     * @param others the other ones
     */
    public JobContent withSchools(Map<ParameterTopic, Method> others) {
        return new JobContent(joint, others, logic, own, machine, torch, proof, pass, purge);
    }

    /**
     * {@return this content on another machine and torch}
     *
     * @param otherMachine id of the machine; empty for none
     * @param otherTorch id of the torch; empty for none
     */
    public JobContent on(Optional<UUID> otherMachine, Optional<UUID> otherTorch) {
        return new JobContent(joint, schools, logic, own, otherMachine, otherTorch, proof, pass, purge);
    }

    /**
     * {@return another pass of the same weld, or its tack, which is pass 0 and has a logic of its own; back from the
     * tack the usual trigger mode is used again} A text that is no pass leaves everything.
     *
     * @param text the text
     */
    public JobContent onPass(@Nullable String text) {
        OptionalDouble entered = NumberReader.read(text);
        if (entered.isPresent() && entered.getAsDouble() == 0) {
            return isTack() ? this : with(Optional.of(TriggerModeName.SPOT));
        }
        boolean fits = entered.isPresent() && entered.getAsDouble() >= 1 && entered.getAsDouble() <= MOST_PASSES;
        int other = fits ? (int) entered.getAsDouble() : pass;
        Optional<TriggerModeName> trigger = fits && isTack() ? Optional.empty() : logic;
        return new JobContent(joint, schools, trigger, own, machine, torch, proof, other, purge);
    }

    /**
     * {@return this content with one part replaced}
     *
     * @param other the other one
     */
    public JobContent with(PurgeText other) {
        return new JobContent(joint, schools, logic, own, machine, torch, proof, pass, other);
    }

    /** {@return whether it tacks rather than welds} */
    public boolean isTack() {
        return logic.map(TriggerMode::of).filter(TriggerMode::isTack).isPresent();
    }

    /**
     * Proven on a day with the ways and the sheet it has.
     *
     * @param day the day
     * @param shop the defaults of the shop
     * @param sheet the sheet; empty if there is none
     * @return the job content
     */
    public JobContent proven(LocalDate day, ShopDefaults shop, Optional<SheetDocument> sheet) {
        return new JobContent(
                joint,
                schools,
                logic,
                own,
                machine,
                torch,
                Optional.of(ProvenSheet.of(day, shopDefaults(shop), sheet)),
                pass,
                purge);
    }

    /**
     * Open again: it goes by the shop's ways.
     *
     * @return the job content
     */
    public JobContent open() {
        return new JobContent(joint, schools, logic, own, machine, torch, Optional.empty(), pass, purge);
    }

    /**
     * {@return the ways it goes by: the shop's, with what was chosen for this job; or, for a proven one, those it was
     * proven with}
     *
     * @param shop the defaults of the shop
     */
    public ShopDefaults shopDefaults(ShopDefaults shop) {
        return proof.map(ProvenSheet::shopDefaults)
                .orElseGet(() -> new ShopDefaults(shop.methods().with(schools.values()), shop.stock(), shop.proven()));
    }

    /**
     * {@return this content after an edit: what changes the weld takes the mark of a proven job away; another
     * machine, torch, pass, purge or amount of work does not}
     *
     * @param after the content after the step
     */
    public JobContent opened(JobContent after) {
        JobContent there = on(after.machine, after.torch);
        JobContent bare = new JobContent(
                there.joint,
                schools,
                isTack() || after.isTack() ? after.logic : there.logic,
                own,
                there.machine,
                there.torch,
                proof,
                after.pass,
                after.purge);
        boolean same = bare.with(joint.withoutWork()).equals(after.with(after.joint.withoutWork()));
        return same ? after : after.open();
    }

    /**
     * {@return what differs, by name: fields of the joint, own values, and what is beside it}
     *
     * @param other the other one
     */
    public Set<String> differences(JobContent other) {
        Set<String> names = new TreeSet<>(joint.texts().keySet());
        names.addAll(other.joint.texts().keySet());
        names.removeIf(name ->
                joint.texts().getOrDefault(name, "").equals(other.joint.texts().getOrDefault(name, "")));
        Arrays.stream(CycleKey.values())
                .filter(key -> !own.of(key).equals(other.own.of(key))
                        || !Optional.ofNullable(own.unread().get(key))
                                .equals(Optional.ofNullable(other.own.unread().get(key))))
                .forEach(key -> names.add(OwnValuesText.field(key)));
        note(names, "schools", JobContent::schools, other);
        note(names, "logic", JobContent::logic, other);
        note(names, "machine", JobContent::machine, other);
        note(names, "torch", JobContent::torch, other);
        names.addAll(purge.differences(other.purge));
        note(names, "pass", JobContent::pass, other);
        note(names, "proof", JobContent::proof, other);
        return names;
    }

    private void note(Set<String> names, String name, Function<JobContent, Object> part, JobContent other) {
        if (!part.apply(this).equals(part.apply(other))) {
            names.add(name);
        }
    }
}
