package vastarc.core.input;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.material.Material;
import vastarc.core.input.InputField.InputKind;
import vastarc.core.input.JointReading.Doubt;
import vastarc.core.input.JointReading.ReadWord;

/**
 * Reads a joint said in one line, as a welder says it: {@code 3 mm mild steel tee 2F pedal}, {@code 1/8 304 lap, 4T, pulse},
 * {@code 2in sch 10 316 butt 5G purged}. Words in any order, metric or inch, with decimal point or comma. Nothing is guessed in silence: what
 * may mean several things is a doubt, what means nothing is named.
 *
 * <p>Words come from {@link InputAliases}. Sizes are read first ({@link PhraseSizes}), so that no number is taken twice.
 */
public final class JointPhrase {

    /** The longest line that is read, characters. */
    public static final int MAX_CHARACTERS = 400;

    private final UnitSystem bareNumbers;
    private final PhraseText text;
    private final Map<String, Object> fields = new LinkedHashMap<>();
    private final List<ReadWord> read = new ArrayList<>();
    private final List<Doubt> doubts = new ArrayList<>();
    private final List<String> unknown = new ArrayList<>();

    private JointPhrase(String line, UnitSystem bareNumbers) {
        this.bareNumbers = bareNumbers;
        this.text = new PhraseText(line);
    }

    /**
     * {@return what a line says}
     *
     * @param line the line, at most {@value #MAX_CHARACTERS} characters
     * @param bareNumbers the system that numbers without a unit are read in
     */
    public static JointReading read(String line, UnitSystem bareNumbers) {
        return new JointPhrase(line, bareNumbers).reading();
    }

    private JointReading reading() {
        PhraseSizes sizes = new PhraseSizes(text, bareNumbers);
        sizes.takePipesAndLabels();
        PhraseWords words = new PhraseWords(text);
        words.take();
        sizes.takeThicknesses(words.saysTube(), words.gauges());
        words.takeLeftOvers(unknown);
        metals(words);
        joint(words, sizes);
        sizes.into(fields, read, doubts);
        position(words);
        words.others().forEach(word -> put(word.text(), word.field(), word.value()));
        doubts.addAll(words.doubts());
        unknown.addAll(sizes.unknown());
        leaveOutWhatTheJointHasNot();
        return new JointReading(fields, JointName.of(fields, bareNumbers), read, doubts, unknown);
    }

    /** A leg of a butt, a choice that another form has: named, not taken. */
    private void leaveOutWhatTheJointHasNot() {
        Optional<JointForm> form = form();
        for (ReadWord word : List.copyOf(read)) {
            Optional<InputField<?>> field = WeldFields.named(word.field());
            if (form.isPresent() && field.isPresent() && !fits(field.get(), form.get(), word.value())) {
                fields.remove(word.field());
                read.remove(word);
                unknown.add(word.text());
            }
        }
    }

    private static boolean fits(InputField<?> field, JointForm form, Object value) {
        boolean offered = field.kind() != InputKind.CHOICE
                || field.choicesFor(form).stream()
                        .anyMatch(choice -> choice.toString().equals(value));
        return field.appliesTo(form) && offered;
    }

    private Optional<JointForm> form() {
        return Optional.ofNullable(fields.get(WeldFields.JOINT.name())).map(name -> JointForm.valueOf((String) name));
    }

    private void put(String words, String field, Object value) {
        if (fields.putIfAbsent(field, value) == null) {
            read.add(new ReadWord(words, field, value));
        }
    }

    private void metals(PhraseWords words) {
        List<ReadWord> metals = words.of(WeldFields.MATERIAL);
        if (metals.isEmpty()) {
            return;
        }
        ReadWord first = metals.get(0);
        put(first.text(), WeldFields.MATERIAL.name(), first.value());
        metals.stream()
                .filter(metal -> !metal.value().equals(first.value()))
                .findFirst()
                .ifPresent(metal -> put(metal.text(), WeldFields.OTHER_MATERIAL.name(), metal.value()));
        if (metals.stream().noneMatch(metal -> metal.text().chars().anyMatch(Character::isDigit))) {
            metals.forEach(metal -> doubtOfMetal(metal.text(), Material.valueOf((String) metal.value())));
        }
    }

    /** Plain stainless and plain titanium may be several grades. */
    private void doubtOfMetal(String words, Material metal) {
        if (metal == Material.STAINLESS_304L) {
            doubts.add(new Doubt(WeldFields.MATERIAL.name(), words, List.of("304L", "316L")));
        } else if (metal == Material.TITANIUM_GR2) {
            doubts.add(new Doubt(WeldFields.MATERIAL.name(), words, List.of("titanium grade 2", "titanium grade 5")));
        }
    }

    /** A butt of tube is one of its own; tube alone is that butt. */
    private void joint(PhraseWords words, PhraseSizes sizes) {
        List<ReadWord> said = words.of(WeldFields.JOINT);
        boolean tube = words.saysTube() || sizes.hasOutsideDiameter();
        Optional<ReadWord> form = said.stream()
                .filter(word -> !word.value().equals(JointForm.TUBE_BUTT.name()))
                .findFirst()
                .or(() -> said.stream().findFirst());
        if (form.isEmpty()) {
            if (tube) {
                put(words.tubeWord(), WeldFields.JOINT.name(), JointForm.TUBE_BUTT.name());
            }
            return;
        }
        ReadWord word = form.get();
        JointForm read = JointForm.valueOf((String) word.value());
        put(word.text(), WeldFields.JOINT.name(), (tube && isButt(word) ? JointForm.TUBE_BUTT : read).name());
        List<String> others = said.stream()
                .filter(other -> !other.value().equals(word.value()) && !(tube && isButt(other)))
                .map(ReadWord::text)
                .toList();
        if (!others.isEmpty()) {
            doubts.add(new Doubt(
                    WeldFields.JOINT.name(),
                    word.text(),
                    Stream.concat(Stream.of(word.text()), others.stream()).toList()));
        }
        if (word.text().equals("corner")) {
            doubts.add(new Doubt(WeldFields.JOINT.name(), word.text(), List.of("outside corner", "inside corner")));
        }
    }

    private static boolean isButt(ReadWord word) {
        return List.of(JointForm.SQUARE_BUTT.name(), JointForm.V_BUTT.name(), JointForm.TUBE_BUTT.name())
                .contains(word.value());
    }

    /** Horizontal and overhead are other positions on a fillet than on a butt; a fillet nobody says more of is welded at 2F. */
    private void position(PhraseWords words) {
        boolean fillet =
                form().filter(each -> each.isCorner() && !each.isTube()).isPresent();
        Optional<ReadWord> said = words.of(WeldFields.POSITION).stream().findFirst();
        if (said.isEmpty()) {
            form().filter(each -> each.usualPosition() != Position.PA)
                    .ifPresent(each -> put(
                            "", WeldFields.POSITION.name(), each.usualPosition().name()));
            return;
        }
        ReadWord word = said.get();
        Position position = Position.valueOf((String) word.value());
        if (fillet && word.text().equals("horizontal")) {
            put(word.text(), WeldFields.POSITION.name(), Position.PB.name());
            doubts.add(new Doubt(WeldFields.POSITION.name(), word.text(), List.of("2F", "2G")));
        } else if (fillet && word.text().equals("overhead")) {
            put(word.text(), WeldFields.POSITION.name(), Position.PD.name());
        } else {
            put(word.text(), WeldFields.POSITION.name(), position.name());
        }
    }
}
