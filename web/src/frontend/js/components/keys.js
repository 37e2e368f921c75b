import { actionFor } from '../keymap.js';

// Keyboard all the way: the keys of the whole program, and the overlay that lists them.
export function keys() {
  return {
    press(event) {
      const action = actionFor(event, document.activeElement);
      if (action === null) return;
      if (action === 'close') return this.close();
      event.preventDefault();
      if (action.startsWith('#')) document.querySelector(action)?.click();
      else this[action](event);
    },

    // Undo and redo belong to the page that is shown.
    undo() {
      this.history('undo');
    },

    redo() {
      this.history('redo');
    },

    history(way) {
      if (!document.querySelector(`[data-history=${way}]`)?.disabled)
        window.dispatchEvent(new CustomEvent('history', { detail: way }));
    },

    historyClicked(event) {
      const button = event.target.closest?.('[data-history]');
      if (button) this[button.dataset.history]();
    },

    help() {
      const { overlay } = this.$refs;
      if (overlay.open) overlay.close();
      else overlay.showModal();
    },

    close() {
      const open = document.querySelector('details[name="why"][open]');
      if (!open) return document.activeElement.blur();
      open.open = false;
      open.firstElementChild.focus();
    },

    search() {
      window.dispatchEvent(new CustomEvent('search'));
    },

    // The booth view of the job one is at; from elsewhere that of the run under way.
    booth() {
      const here = document.querySelector('[data-step][href$="/run"]');
      window.location.assign(here ? here.href : '/booth');
    },

    // Number keys go to the job's steps.
    step(event) {
      document.querySelector(`[data-step="${event.key}"]`)?.click();
    },
  };
}
