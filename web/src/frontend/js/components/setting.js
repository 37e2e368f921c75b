import { ask } from '../requests.js';
import { saver } from '../saving.js';

// A front in disorder: a tap on the drawing takes a control in hand, a switch goes a stop on; every turn is drawn by the server.
export function setting() {
  return {
    field(id) {
      return [...this.$refs.form.elements].find((field) => field.dataset.turn === id);
    },
    tapped(event) {
      const control = event.target.closest('[data-control]');
      const field = control && this.field(control.dataset.control);
      if (!field) return;
      if (field.tagName === 'SELECT') {
        field.selectedIndex = (field.selectedIndex + 1) % field.options.length;
        this.draw();
      }
      field.focus({ preventScroll: true });
    },
    turning(event) {
      if (event.target.dataset.turn && event.target.type === 'range') this.draw();
    },
    turned(event) {
      if (event.target.dataset.turn) this.draw();
    },
    init() {
      this.saver = saver(async () => {
        const answer = await ask('/drill/set/front', new URLSearchParams(new FormData(this.$refs.form)));
        if (answer.ok) lay(await answer.text(), this.$refs);
      });
    },
    draw() {
      this.saver.run();
    },
  };
}

// The front as it stands now, and its words beside what was turned.
function lay(drawing, { form, front }) {
  front.innerHTML = drawing;
  form.querySelectorAll('[data-words]').forEach((words) => {
    const drawn = front.querySelector(`[data-control="${CSS.escape(words.dataset.words)}"]`);
    const said = drawn?.getAttribute('aria-label') ?? '';
    words.textContent = said.slice(said.indexOf(': ') + 2);
  });
}
