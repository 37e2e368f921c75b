package vastarc.web.shop;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.core.consumable.Cup;
import vastarc.core.consumable.Tungsten;
import vastarc.core.consumable.Wire;
import vastarc.core.joint.Control;
import vastarc.core.joint.PulsePurpose;
import vastarc.core.joint.Technique;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.sheet.Matter;
import vastarc.core.sheet.School;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;
import vastarc.web.kept.job.Job;
import vastarc.web.kept.job.JobStore;
import vastarc.web.kept.shop.Habits;
import vastarc.web.kept.shop.ShopStore;
import vastarc.web.request.JobPlan;
import vastarc.web.request.JobPlanner;
import vastarc.web.request.Seen;
import vastarc.web.ui.Choice;
import vastarc.web.ui.NotFound;
import vastarc.web.ui.Preferences;

/** Shows how the shop works, and changes it: habits only after showing whom they move. */
@Controller
class ShopController {

    private static final int MOVED_SHOWN = 8;

    /** Jobs a habit is tried on before it is kept. */
    private static final int RECKONED = 100;

    private final ShopStore shop;
    private final JobStore jobs;
    private final JobPlanner planner;

    ShopController(ShopStore shop, JobStore jobs, JobPlanner planner) {
        this.shop = shop;
        this.jobs = jobs;
        this.planner = planner;
    }

    /** A matter and the shop's school. */
    public record Habit(String matter, String name, List<Choice> schools) {}

    /** What a habit would move on one job. */
    public record Moved(String job, List<String> figures, boolean proven) {}

    /**
     * A change to be kept or not.
     *
     * @param older jobs on the bench that it was not tried on, as there are newer ones
     */
    public record Pending(String school, String says, List<Moved> moved, int proven, int unmoved, long older) {}

    @GetMapping("/shop")
    String page(@ModelAttribute("preferences") Preferences preferences, Model model) {
        show(Optional.empty(), preferences.units(), model);
        return "shop/page";
    }

    private void show(Optional<Pending> pending, UnitSystem units, Model model) {
        Habits habits = shop.habits();
        model.addAttribute("pending", pending);
        model.addAttribute("fault", shop.fault());
        model.addAttribute(
                "habits",
                Arrays.stream(Matter.values())
                        .map(matter -> habit(matter, habits))
                        .toList());
        model.addAttribute("tungstens", stock(Tungsten.sizes(), Tungsten::diameterMm, habits.tungstensMm(), units));
        model.addAttribute("wires", stock(Wire.sizes(), Wire::diameterMm, habits.wiresMm(), units));
        model.addAttribute(
                "cups",
                Cup.sizes().stream()
                        .map(cup -> new Choice(
                                String.valueOf(cup.number()),
                                "no. " + cup.number(),
                                habits.cups().contains(cup.number())))
                        .toList());
        model.addAttribute(
                "putAwayDays",
                Habits.PUT_AWAY_DAYS.stream()
                        .map(days -> new Choice(
                                String.valueOf(days),
                                days == 0 ? "never" : "after " + days + " days",
                                days == habits.putAwayDays()))
                        .toList());
        model.addAttribute("controls", start(Control.values(), "control", habits));
        model.addAttribute("techniques", start(Technique.values(), "technique", habits));
        model.addAttribute("pulses", start(PulsePurpose.values(), "pulse", habits));
    }

    private static Habit habit(Matter matter, Habits habits) {
        School chosen = habits.ways().schools().of(matter);
        return new Habit(
                matter.name(),
                say(Phrase.of("matter." + matter.name())),
                Arrays.stream(School.values())
                        .filter(school -> school.matter() == matter)
                        .map(school -> new Choice(school.name(), say(Phrase.of(school.words())), school == chosen))
                        .toList());
    }

    private static <T> List<Choice> stock(
            List<T> sizes, Function<T, Double> diameter, List<Double> owned, UnitSystem units) {
        return sizes.stream()
                .map(size -> new Choice(
                        String.valueOf(diameter.apply(size)),
                        units.show(Quantity.stockMillimetres(diameter.apply(size)))
                                .line(),
                        owned.contains(diameter.apply(size))))
                .toList();
    }

    private static List<Choice> start(Enum<?>[] values, String field, Habits habits) {
        return Choice.of(values, field, habits.newJob().getOrDefault(field, values[0].name()));
    }

    private static String say(Phrase phrase) {
        return Phrasebook.say(phrase, UnitSystem.METRIC);
    }

    private static School school(String name) {
        return Arrays.stream(School.values())
                .filter(school -> school.matter() != null && school.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new NotFound("school"));
    }

    /** What a habit would move, before it is kept. */
    @PostMapping("/shop/habit/ask")
    String ask(@RequestParam String school, @ModelAttribute("preferences") Preferences preferences, Model model) {
        show(Optional.of(pending(school(school), preferences.units())), preferences.units(), model);
        return "shop/workspace :: workspace";
    }

    @PostMapping("/shop/habit")
    String keep(@RequestParam String school, @ModelAttribute("preferences") Preferences preferences, Model model) {
        School chosen = school(school);
        shop.change(habits -> habits.with(chosen));
        show(Optional.empty(), preferences.units(), model);
        return "shop/workspace :: workspace";
    }

    private Pending pending(School school, UnitSystem units) {
        Habits after = shop.habits().with(school);
        List<Moved> moved = new ArrayList<>();
        int proven = 0;
        int unmoved = 0;
        for (Job job : jobs.newest(RECKONED)) {
            if (job.content().proof().isPresent()) {
                proven++;
                continue;
            }
            List<String> figures = moved(job, after, units);
            if (figures.isEmpty()) {
                unmoved++;
            } else {
                moved.add(new Moved(job.name(), figures, false));
            }
        }
        String says = say(Phrase.of(
                        "matter." + Objects.requireNonNull(school.matter()).name())) + ": "
                + say(Phrase.of(school.words()));
        return new Pending(school.name(), says, moved, proven, unmoved, Math.max(0, jobs.countOnBench() - RECKONED));
    }

    /** The figures that a change of habits moves on a job, from and to. */
    private List<String> moved(Job job, Habits after, UnitSystem units) {
        JobPlan plan = planner.plan(job);
        Optional<Sheet> now = plan.sheet().value();
        Optional<Sheet> then = plan.in(after.ways()).sheet().value();
        if (now.isEmpty() || then.isEmpty()) {
            return List.of();
        }
        return Arrays.stream(SettingKey.values())
                .flatMap(key -> difference(key, now.get(), then.get(), units))
                .limit(MOVED_SHOWN)
                .toList();
    }

    private static Stream<String> difference(SettingKey key, Sheet now, Sheet then, UnitSystem units) {
        if (now.find(key).equals(then.find(key))) {
            return Stream.empty();
        }
        Optional<String> before = now.find(key).map(setting -> setting.shown(units));
        Optional<String> after = then.find(key).map(setting -> setting.shown(units));
        return before.equals(after)
                ? Stream.empty()
                : Stream.of(say(Phrase.of(key.words())) + " " + before.orElse("–") + " → " + after.orElse("–"));
    }

    /** What stands on the shelf; nothing ticked means not told. */
    @PostMapping("/shop/stock")
    String stock(
            @RequestParam MultiValueMap<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        shop.change(habits -> habits.stocked(
                owned("tungsten", sent, habits.tungstensMm(), sizes(Tungsten.sizes(), Tungsten::diameterMm)),
                owned("cup", sent, habits.cups(), sizes(Cup.sizes(), Cup::number)),
                owned("wire", sent, habits.wiresMm(), sizes(Wire.sizes(), Wire::diameterMm))));
        show(Optional.empty(), preferences.units(), model);
        return "shop/workspace :: workspace";
    }

    private static <S, T> List<T> sizes(List<S> made, Function<S, T> size) {
        return made.stream().map(size).toList();
    }

    private static <T> List<T> owned(String row, MultiValueMap<String, String> sent, List<T> kept, List<T> sizes) {
        Set<String> owned = Seen.merged(
                kept.stream().map(String::valueOf).toList(), sent.get("was." + row), sent.getOrDefault(row, List.of()));
        return sizes.stream()
                .filter(size -> owned.contains(String.valueOf(size)))
                .toList();
    }

    /** When jobs put away go for good. */
    @PostMapping("/shop/away")
    String putAway(
            @RequestParam(defaultValue = "0") String days,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Habits.PUT_AWAY_DAYS.stream()
                .filter(known -> String.valueOf(known).equals(days))
                .forEach(known -> shop.change(habits -> habits.forgettingAfter(known)));
        show(Optional.empty(), preferences.units(), model);
        return "shop/workspace :: workspace";
    }

    /** What a new job starts with. */
    @PostMapping("/shop/start")
    String start(
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        shop.change(habits -> {
            Map<String, String> fields = new TreeMap<>(habits.newJob());
            keepKnown(fields, sent, "control", Control.values());
            keepKnown(fields, sent, "technique", Technique.values());
            keepKnown(fields, sent, "pulse", PulsePurpose.values());
            return habits.starting(fields);
        });
        show(Optional.empty(), preferences.units(), model);
        return "shop/workspace :: workspace";
    }

    private static void keepKnown(Map<String, String> fields, Map<String, String> sent, String name, Enum<?>[] values) {
        if (Seen.isChanged(sent, name)) {
            fields.remove(name);
            Arrays.stream(values)
                    .map(Enum::name)
                    .filter(value -> value.equals(sent.get(name)))
                    .forEach(value -> fields.put(name, value));
        }
    }
}
