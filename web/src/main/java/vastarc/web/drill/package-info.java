/** The Drill: one question at a time, explained at once; exams on paper; what each learner knows. */
@NullMarked
package vastarc.web.drill;

import org.jspecify.annotations.NullMarked;
