// A joint said in one line: what was understood is shown while it is typed, and what is doubtful is asked.
import { replaceWords } from '../phrase-line.js';

export function phrase() {
  return {
    asked: 0,

    // A line that came back, since something is missing, is looked at once more.
    init() {
      if (this.$refs.line.value && !this.$refs.reading.children.length) this.look();
    },

    async look() {
      const line = this.$refs.line.value.trim();
      const now = ++this.asked;
      const answer = line ? await fetch('/look?text=' + encodeURIComponent(line)) : null;
      const reading = answer && answer.ok ? await answer.text() : '';
      if (now === this.asked) this.$refs.reading.innerHTML = reading;
    },

    choose(event) {
      const option = event.target.closest('[data-to]');
      if (!option) return;
      const { line } = this.$refs;
      line.value = replaceWords(line.value, option.dataset.from, option.dataset.to);
      line.focus();
      this.look();
    },
  };
}
