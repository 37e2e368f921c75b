import { placed, valued, within } from '../map/plot.js';

const NUDGE = 0.01;
const KEYS_REST_MS = 500;
const STEPS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] };

// The point chosen on a map: moved by pointer or arrow keys; what it comes to is asked of the server.
export function weldMap() {
  let plot;
  let cursor;
  let asked = 0;
  let pause = null;

  return {
    init() {
      const [left, right, top, bottom, x0, x1, y0, y1] = this.$root.dataset.plot.split(' ').map(Number);
      plot = { left, right, top, bottom, x: [x0, x1], y: [y0, y1] };
      if (!this.$refs.words) return;
      cursor = document.createElementNS('http://www.w3.org/2000/svg', 'circle');
      cursor.setAttribute('r', '9');
      cursor.setAttribute('class', 'map-cursor');
      this.svg().append(cursor);
      this.$refs.chart.dataset.ready = '';
      this.mark();
    },

    svg() {
      return this.$refs.chart.querySelector('svg');
    },

    fields(axis) {
      return [...this.$root.querySelectorAll(`[data-point=${axis}]`)];
    },

    point() {
      return { x: Number(this.fields('x')[0].value), y: Number(this.fields('y')[0].value) };
    },

    press(event) {
      if (!cursor) return;
      this.$refs.chart.setPointerCapture?.(event.pointerId);
      this.to(this.pointed(event));
    },

    drag(event) {
      if (cursor && event.buttons) this.to(this.pointed(event));
    },

    release() {
      if (cursor) this.taken();
    },

    // A map that takes its point tells where it was let go of; arrow keys count as let go of when they rest.
    taken(afterMs = 0) {
      if (!('takes' in this.$root.dataset)) return;
      clearTimeout(pause);
      pause = setTimeout(() => this.$dispatch('map-point', this.point()), afterMs);
    },

    pointed(event) {
      const box = this.svg().getBoundingClientRect();
      const { x: left, y: top, width, height } = this.svg().viewBox.baseVal;
      return valued(plot, {
        x: left + ((event.clientX - box.left) / box.width) * width,
        y: top + ((event.clientY - box.top) / box.height) * height,
      });
    },

    nudge(event) {
      const step = STEPS[event.key];
      if (!cursor || !step) return;
      event.preventDefault();
      const { x, y } = this.point();
      this.to({
        x: x + step[0] * NUDGE * (plot.x[1] - plot.x[0]),
        y: y + step[1] * NUDGE * (plot.y[1] - plot.y[0]),
      });
      this.taken(KEYS_REST_MS);
    },

    to(wanted) {
      const point = within(plot, wanted);
      this.fields('x').forEach((field) => (field.value = point.x.toFixed(1)));
      this.fields('y').forEach((field) => (field.value = point.y.toFixed(1)));
      this.mark();
      return this.ask();
    },

    mark() {
      const at = placed(plot, within(plot, this.point()));
      cursor.setAttribute('cx', at.x);
      cursor.setAttribute('cy', at.y);
    },

    // Only the answer to the newest question is shown.
    async ask() {
      const question = (asked += 1);
      const { x, y } = this.point();
      try {
        const answer = await fetch(`${this.$root.dataset.ask}?${new URLSearchParams({ pointA: x, pointTravel: y })}`);
        if (question !== asked || !answer.ok) return;
        const place = await answer.json();
        if (question !== asked) return;
        this.$refs.words.textContent = place.words;
        this.$refs.unsure.hidden = !place.unsure;
      } catch {
        if (question === asked) this.$refs.words.textContent = 'The program does not answer. Tap the map again.';
      }
    },
  };
}
