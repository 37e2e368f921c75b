import { showHeat } from '../heat-left.js';
import { jobPage } from '../job-page.js';

const TYPING_PAUSE_MS = 350;

// The way through a job: how much there is to weld, and runs moved in their order.
export function route() {
  let held = null;

  return {
    ...jobPage('route'),
    heatSaid: '',

    init() {
      this.ready();
      this.warm();
    },

    typed(event) {
      if (!event.target.matches('input[type=text][name]')) return;
      this.save(TYPING_PAUSE_MS);
    },

    warm() {
      this.heatSaid = showHeat(Number(this.$refs.share?.value ?? 0) / 1000, this.$refs);
    },

    laid() {
      this.warm();
    },

    async clicked(event) {
      const button = event.target.closest('button');
      if (!button) return;
      const { up, down, planned } = button.dataset;
      if (up) await this.move(Number(up), Number(up) - 1);
      else if (down) await this.move(Number(down), Number(down) + 1);
      else if (planned) await this.move(1, 1);
    },

    grab(event) {
      held = event.target.closest('[data-n]')?.dataset.n ?? null;
      if (held) event.dataTransfer.effectAllowed = 'move';
    },

    over(event) {
      if (held && event.target.closest('[data-n]')) event.preventDefault();
    },

    async drop(event) {
      const onto = event.target.closest('[data-n]');
      if (!held || !onto) return;
      event.preventDefault();
      const from = Number(held);
      held = null;
      if (from !== Number(onto.dataset.n)) await this.move(from, Number(onto.dataset.n));
    },

    move(from, to) {
      return this.tell('/move', { from, to }, 'Not moved: the program does not answer. Try again.');
    },
  };
}
