import { marked, nearest, spaced } from '../measure/marks.js';
import { ask, troubleOf } from '../requests.js';

const NEAR = 14;

// A run's photograph: the scale and the seam are drawn on it with a finger; what that measures is asked of the server.
export function beadPhoto() {
  let scale = [];
  let seam = [];
  let clean = null;
  let moved = [];
  let leftOut = [];
  let outline = [];
  let started = null;

  return {
    trouble: '',
    hint: '',
    needsSize: false,

    init() {
      this.explain();
      this.$refs.picture.dataset.ready = '';
    },

    chosen(name) {
      return this.$root.querySelector(`[name=${name}]:checked`).value;
    },

    turn(mode) {
      this.$root.querySelector(`[name=mode][value=${mode}]`).checked = true;
      this.explain();
    },

    explain() {
      this.hint = this.$refs.hints.content.querySelector(`[data-hint=${this.chosen('mode')}]`).textContent;
    },

    changed(event) {
      if (event.target.name === 'mode') this.explain();
      if (event.target.name !== 'scale') return;
      this.needsSize = event.target.value !== 'STRIP';
      scale = [];
      this.turn(this.needsSize ? 'SCALE' : 'SEAM');
      this.draw();
    },

    pointed(event) {
      const box = this.$refs.picture.getBoundingClientRect();
      const { width, height } = this.$refs.picture.viewBox.baseVal;
      return [((event.clientX - box.left) / box.width) * width, ((event.clientY - box.top) / box.height) * height];
    },

    press(event) {
      event.preventDefault();
      this.$refs.picture.setPointerCapture?.(event.pointerId);
      started = this.pointed(event);
      if (this.chosen('mode') === 'SEAM') seam = [started];
    },

    drag(event) {
      if (!started || this.chosen('mode') !== 'SEAM') return;
      seam = spaced(seam, this.pointed(event), NEAR);
      this.draw();
    },

    release(event) {
      if (!started) return;
      const from = started;
      started = null;
      const to = this.pointed(event);
      const mode = this.chosen('mode');
      if (mode === 'SCALE') {
        scale = scale.length === 1 ? [scale[0], to] : [to];
        if (scale.length === 2) this.turn('SEAM');
      } else if (mode === 'CLEAN') clean = to;
      else if (mode === 'TOE') moved = [...moved, to];
      else if (mode === 'OUT') this.leave(from, to);
      this.draw();
      if (mode === 'SEAM' ? seam.length > 1 : mode !== 'SCALE' && outline.length) this.measure('');
    },

    leave(from, to) {
      if (!outline.length) return;
      const ends = [nearest(outline, from), nearest(outline, to)].sort((a, b) => a - b);
      leftOut = [...leftOut, { fromMm: Math.max(0, ends[0]), toMm: Math.max(0, ends[1]) }];
    },

    clicked(event) {
      const { id } = event.target;
      if (id === 'measure-now') this.measure('');
      if (id === 'keep') this.measure('?keep=yes');
      if (id === 'to-read-signs') this.take();
      if (id !== 'anew') return;
      [scale, seam, moved, leftOut, outline, clean] = [[], [], [], [], [], null];
      this.draw();
    },

    asked() {
      const kind = this.chosen('scale');
      const size = Number(this.$refs.size.value.replace(',', '.'));
      const dabHz = Number(this.$refs.dabs.value.replace(',', '.'));
      const [from, to] = scale;
      const known = { POINTS: { from, to, mm: size }, TUBE: { from, to, tubeOdMm: size }, STRIP: { strip: true } }[
        kind
      ];
      const { material } = this.$root.dataset;
      return {
        scale: known,
        moved,
        leftOut,
        ...(seam.length > 1 && { seam }),
        ...(clean && { clean }),
        ...(material && { material }),
        ...(dabHz > 0 && { dabHz }),
      };
    },

    async measure(keep) {
      try {
        const answer = await ask(this.$root.dataset.address + keep, JSON.stringify(this.asked()), {
          'Content-Type': 'application/json',
        });
        const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
        const found = page.getElementById('measured');
        this.$refs.result.replaceChildren(found);
        outline = marked(found.dataset.outline);
        this.trouble = '';
      } catch (error) {
        this.trouble = troubleOf(error, 'Nothing was measured: the program does not answer.');
      }
      this.draw();
    },

    async take() {
      const { job } = this.$root.dataset;
      const signs = [...this.$root.querySelectorAll('[data-sign]:checked')].map((box) => box.dataset.sign);
      for (const sign of signs) await ask(`/jobs/${job}/read/sign`, new URLSearchParams({ sign, there: 'yes' }));
      if (signs.length) window.location.assign(`/jobs/${job}/read`);
    },

    draw() {
      const line = (points) => points.map((point) => point.join(',')).join(' ');
      const within = outline.filter((toe) => toe.counts);
      this.$refs.scale.setAttribute('points', line(scale.length === 1 ? [scale[0], scale[0]] : scale));
      this.$refs.seam.setAttribute('points', outline.length ? '' : line(seam));
      this.$refs.left.setAttribute('points', line(within.map((toe) => toe.left)));
      this.$refs.right.setAttribute('points', line(within.map((toe) => toe.right)));
    },
  };
}
