package vastarc.web.drill;

import java.util.HashSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.training.Question;
import vastarc.core.training.Question.CorrectAnswer;

/**
 * An answer as it was given.
 *
 * @param choice place among the choices, as sent; empty for none
 * @param figure typed
 * @param faults controls that were tapped
 */
record SubmittedAnswer(String choice, String figure, List<String> faults) {

    int place() {
        return (int) NumberReader.read(choice).orElse(-1);
    }

    private OptionalDouble typed(Question question) {
        return NumberReader.read(
                figure, question.answer().figure().map(Question.Figure::unit).orElse(""));
    }

    /** A figure is wanted and what was typed is none. */
    boolean isUnread(Question question) {
        return question.answer().figure().isPresent() && typed(question).isEmpty();
    }

    boolean isRight(Question question) {
        CorrectAnswer answer = question.answer();
        if (answer.choice().isPresent()) {
            return place() == answer.choice().getAsInt();
        }
        if (answer.figure().isPresent()) {
            return answer.figure().get().holds(typed(question).orElse(Double.NaN));
        }
        Set<String> tapped = new HashSet<>(faults);
        tapped.remove("");
        return tapped.equals(new HashSet<>(answer.faults().orElse(List.of())));
    }

    /** In words, for the marked paper. */
    String said(Question question, QuestionView view) {
        if (question.answer().choice().isPresent()) {
            int at = place();
            return at >= 0 && at < question.choices().size()
                    ? question.choices().get(at).text()
                    : "nothing";
        }
        if (question.answer().figure().isPresent()) {
            return figure.isBlank() ? "nothing" : figure.strip();
        }
        List<String> labels = view.controls().stream()
                .filter(control -> faults.contains(control.id()))
                .map(QuestionView.Control::label)
                .toList();
        return labels.isEmpty() ? "all correct" : String.join(", ", labels);
    }
}
