import { draw } from './draw.js';
import { placeHandles } from './handles.js';
import { GUTTER, REST_S, kept, timeScale, zoomed } from './scale.js';

// Draws the score, and moves the view over it.
export function looking(raw) {
  return {
    length() {
      return raw.score.lengthS + REST_S;
    },

    size() {
      const box = this.$refs.drawing.getBoundingClientRect();
      return { width: box.width, height: box.height };
    },

    redraw() {
      if (!raw.score) return;
      const begun = performance.now();
      const size = this.size();
      this.$refs.lanes.innerHTML = draw(raw.score, raw.view, size, raw.tried);
      placeHandles(this.$refs.handles, raw.score, raw.view, size, raw.grabbed);
      this.cursor();
      this.$refs.drawing.dataset.drawMs = (performance.now() - begun).toFixed(2);
    },

    cursor() {
      const at = raw.at;
      const { lanes } = this.$refs;
      lanes.querySelector('.cursor')?.remove();
      if (at === undefined || at === null) return;
      const size = this.size();
      const x = timeScale(raw.view, size.width).x(at);
      if (x < GUTTER || x > size.width) return;
      lanes.insertAdjacentHTML('beforeend', `<path class="cursor" d="M${x.toFixed(1)} 18V${size.height}"/>`);
    },

    look(t0, t1) {
      raw.view = kept({ t0, t1 }, this.length());
      this.redraw();
    },

    whole() {
      this.look(0, this.length());
    },

    start() {
      const weld = raw.score.spans.find((span) => span.travels) ?? raw.score.spans[0];
      this.look(0, Math.min(this.length(), weld.t0 + Math.max(1, 0.25 * weld.t0)));
    },

    end() {
      const spans = raw.score.spans.filter((span) => span.travels);
      const last = spans[spans.length - 1] ?? raw.score.spans[0];
      const tail = this.length() - last.t1;
      this.look(last.t1 - Math.max(0.5, 0.2 * tail), this.length());
    },

    closer() {
      this.zoom(0.5);
    },
    wider() {
      this.zoom(2);
    },

    zoom(factor, around) {
      const middle = (raw.view.t0 + raw.view.t1) / 2;
      raw.view = zoomed(raw.view, around ?? middle, factor, this.length());
      this.redraw();
    },

    wheel(event) {
      const time = timeScale(raw.view, this.size().width);
      if (event.ctrlKey || event.altKey) {
        event.preventDefault();
        const box = this.$refs.drawing.getBoundingClientRect();
        this.zoom(event.deltaY > 0 ? 1.25 : 0.8, time.t(event.clientX - box.left));
      } else if (Math.abs(event.deltaX) > Math.abs(event.deltaY)) {
        event.preventDefault();
        const by = event.deltaX / time.pxPerS;
        this.look(raw.view.t0 + by, raw.view.t1 + by);
      }
    },
  };
}
