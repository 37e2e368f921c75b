import { actionFor } from '../keymap.js';

// Keyboard all the way: the keys of the whole program, and the overlay that lists them.
export function keys() {
  return {
    press(event) {
      const action = actionFor(event, document.activeElement);
      if (action === null) return;
      if (action === 'close') return this.close();
      event.preventDefault();
      this[action]();
    },

    help() {
      const overlay = document.getElementById('keys');
      if (overlay.open) overlay.close();
      else overlay.showModal();
    },

    close() {
      const open = document.querySelector('details[name="why"][open]');
      if (!open) return;
      open.open = false;
      open.querySelector('summary').focus();
    },

    units() {
      document.getElementById('turn-units').click();
    },

    theme() {
      document.getElementById('turn-theme').click();
    },

    new() {
      document.getElementById('new-job')?.click();
    },

    bench() {
      document.getElementById('to-bench').click();
    },

    sheet() {
      document.querySelector('[data-step="1"]')?.click();
    },
  };
}
