import { clockText } from '../run/times.js';

const TICK_MS = 1000;

// What is still hot on the bench: the server says for how long, the page counts.
export function cooling() {
  return {
    init() {
      this.began = performance.now();
      this.tell();
      this.timer = setInterval(() => this.tell(), TICK_MS);
    },

    destroy() {
      clearInterval(this.timer);
    },

    tell() {
      const gone = (performance.now() - this.began) / 1000;
      this.$el.querySelectorAll('[data-touch]').forEach((line) => {
        const pass = Number(line.dataset.pass) - gone;
        const touch = Number(line.dataset.touch) - gone;
        const next = pass > 0 ? `next pass in ${clockText(pass)}; ` : '';
        line.textContent = `“${line.dataset.name}” ${touch > 0 ? `is hot: ${next}safe to touch in about ${clockText(touch)}.` : 'has cooled.'}`;
      });
    },
  };
}
