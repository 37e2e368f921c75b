import { isTyping } from '../keymap.js';

// What is tapped on a drawn front is ticked in the list beneath it, and the other way round.
function marks(asked, id, on) {
  asked
    .querySelectorAll(`[data-control="${CSS.escape(id)}"]`)
    .forEach((control) => control.classList.toggle('tapped', on));
}

const tapping = {
  tapped(event) {
    const control = event.target.closest('[data-control]');
    const asked = control?.closest('[data-asked]');
    const box = asked?.querySelector(`input[type="checkbox"][value="${CSS.escape(control.dataset.control)}"]`);
    if (!box) return;
    box.checked = !box.checked;
    marks(asked, box.value, box.checked);
  },
  ticked(event) {
    const asked = event.target.closest('[data-asked]');
    if (asked && event.target.type === 'checkbox') marks(asked, event.target.value, event.target.checked);
  },
};

// The drill by keyboard: digits choose, Enter goes on.
export function drill() {
  return {
    ...tapping,
    press(event) {
      if (isTyping(document.activeElement) || event.ctrlKey || event.altKey || event.metaKey) return;
      const choice = document.querySelector(`[data-key="${CSS.escape(event.key)}"]`);
      const next = event.key === 'Enter' && !document.activeElement?.closest('button, a') ? this.$refs.next : null;
      const wanted = choice ?? next;
      if (!wanted) return;
      event.preventDefault();
      event.stopPropagation();
      wanted.click();
    },
  };
}

export function remaining(begun, minutes, now) {
  const left = Math.max(0, Math.round((begun + minutes * 60000 - now) / 1000));
  return { over: left === 0, text: `${Math.floor(left / 60)} min ${String(left % 60).padStart(2, '0')} s` };
}

// An exam with a clock hands itself in when the time is over.
export function exam() {
  return {
    ...tapping,
    left: '',
    init() {
      const minutes = Number(this.$el.dataset.minutes);
      if (!minutes) return;
      const began = Date.now();
      const beat = () => {
        const { over, text } = remaining(began, minutes, Date.now());
        this.left = text;
        if (over) {
          clearInterval(this.clock);
          this.$refs.answers.requestSubmit();
        }
      };
      this.clock = setInterval(beat, 500);
      beat();
    },
  };
}
