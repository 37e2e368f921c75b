// Hears what meters read, and that the run has gone on.
import { by } from './showing.js';

const OTHERS = {
  VOLTAGE: ['V', 1],
  GAS_FLOW: ['L/min of gas', 1],
  OXYGEN: ['ppm of oxygen', 0],
  TEMPERATURE: ['°C', 0],
};

export function listening(live) {
  return {
    looking: false,
    lookAgain: false,

    // At most twice a second; what was told meanwhile is looked at afterwards, or the last thing that happened would never be shown.
    async look() {
      if (this.looking) {
        this.lookAgain = true;
        return;
      }
      this.looking = true;
      this.lookAgain = false;
      const before = live.turns;
      try {
        const answer = await fetch(`${this.address('state')}?${this.body({})}`);
        const state = answer.ok ? await answer.json() : null;
        // What is not sent yet is not in the answer, nor what was told after it was asked for.
        if (state && !live.waiting && before === live.turns) this.take(state);
        else this.lookAgain = Boolean(state);
      } catch {
        // Nothing answers: the page goes on counting.
      } finally {
        setTimeout(() => {
          this.looking = false;
          if (this.lookAgain) this.look();
        }, 500);
      }
    },

    // What meters read, and that the run has gone on.
    listen() {
      live.events?.close();
      if (!live.shown.run) return;
      live.events = new EventSource(`${this.address('live')}?${this.body({})}`);
      // No event reached this page before the line was open, or while it was broken.
      live.events.onopen = () => this.look();
      live.events.onmessage = (event) => {
        const told = JSON.parse(event.data);
        const current = told.readings.CURRENT ?? [];
        if (current.length) {
          by('read').textContent = current[current.length - 1][1].toFixed(current[current.length - 1][1] < 10 ? 1 : 0);
          live.drawing.read(current);
        }
        this.others(told.readings);
        this.warned(told.cues);
        if (told.changed) this.look();
      };
    },

    // Whatever else is read, its last figure each.
    others(readings) {
      Object.entries(OTHERS).forEach(([kind, [unit, digits]]) => {
        const newest = readings[kind]?.at(-1);
        if (newest) live.read.set(kind, `${newest[1].toFixed(digits)} ${unit}`);
      });
      by('others-read').textContent = [...live.read.values()].join(' · ');
    },
  };
}
