package vastarc.web.assembly;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.web.store.assembly.AssemblyStore;
import vastarc.web.store.assembly.Seam;
import vastarc.web.store.assembly.Seam.SeamText;
import vastarc.web.store.register.RegisterFields;

/** Seams as they are typed or pasted: one a line, its number, and after a semicolon or a tab where it is. */
final class SeamList {

    private static final String FIELD = "list";

    private SeamList() {}

    /** {@return the seams, or what is wrong with the first lines that do not fit} */
    static Outcome<List<SeamText>> read(String typed) {
        List<SeamText> seams = new ArrayList<>();
        List<Problem> problems = new ArrayList<>();
        Set<String> numbers = new HashSet<>();
        int line = 0;
        for (String text : typed.lines().toList()) {
            line++;
            if (text.isBlank()) {
                continue;
            }
            String[] parts = text.strip().split("[;\t]", 2);
            String number = parts[0].strip();
            String location = parts.length > 1 ? parts[1].strip() : "";
            if (!RegisterFields.isNumber(number)) {
                problems.add(Problem.badValue(FIELD, "seam.number", line, RegisterFields.MAX_NUMBER));
            } else if (!numbers.add(number)) {
                problems.add(Problem.badValue(FIELD, "seam.twice", line, number));
            } else if (location.length() > Seam.MAX_LOCATION) {
                problems.add(Problem.badValue(FIELD, "seam.location", line, Seam.MAX_LOCATION));
            }
            seams.add(SeamText.of(number, location));
        }
        if (seams.isEmpty() || seams.size() > AssemblyStore.MOST_SEAMS) {
            problems.add(Problem.badValue(FIELD, "seam.none", AssemblyStore.MOST_SEAMS));
        }
        return problems.isEmpty()
                ? Outcome.of(seams)
                : Outcome.failed(problems.stream().limit(5).toList());
    }
}
