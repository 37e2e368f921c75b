import {
  asked,
  drawnBy,
  grabbed,
  handlesOf,
  NOTHING,
  withDrawn,
  within,
  withMoved,
  withSeam,
} from '../measure/drawn.js';
import { marked } from '../measure/marks.js';
import { paint } from '../measure/paint.js';
import { ask, troubleOf } from '../requests.js';

const REACH_PX = 24;

// A run's photograph: the scale and the seam are drawn on it with a finger; what that measures is asked of the server.
export function beadPhoto() {
  let drawn = NOTHING;
  let outline = [];
  let started = null;
  let held = null;

  return {
    trouble: '',
    hint: '',
    needsSize: false,

    init() {
      this.explain();
      this.again();
      this.$refs.picture.dataset.ready = '';
    },

    // What was kept is shown as it was drawn.
    again() {
      const before = this.$root.dataset.asked && JSON.parse(this.$root.dataset.asked);
      if (!before) return;
      const { strip, tubeOdMm, mm } = before.scale;
      this.check('scale', strip ? 'STRIP' : tubeOdMm ? 'TUBE' : 'POINTS');
      this.needsSize = !strip;
      this.$refs.size.value = strip ? '' : String((tubeOdMm || mm) / this.mmPerUnit());
      this.$refs.dabs.value = before.dabHz || '';
      drawn = drawnBy(before);
      this.measure('?kept=yes');
    },

    mmPerUnit() {
      return Number(this.$root.dataset.mmPerUnit);
    },

    chosen(name) {
      return this.$root.querySelector(`[name=${name}]:checked`).value;
    },

    check(name, value) {
      this.$root.querySelector(`[name=${name}][value=${value}]`).checked = true;
    },

    turn(mode) {
      this.check('mode', mode);
      this.explain();
    },

    explain() {
      this.hint = this.$refs.hints.content.querySelector(`[data-hint=${this.chosen('mode')}]`).textContent;
    },

    changed(event) {
      if (event.target.name === 'mode') this.explain();
      if (event.target.name === 'scale') {
        this.needsSize = event.target.value !== 'STRIP';
        drawn = { ...drawn, scale: [] };
        this.turn(this.needsSize ? 'SCALE' : 'SEAM');
      }
      this.draw();
    },

    // Pixels of the picture for one of the screen.
    step() {
      return this.$refs.picture.viewBox.baseVal.width / this.$refs.picture.getBoundingClientRect().width;
    },

    pointed(event) {
      const box = this.$refs.picture.getBoundingClientRect();
      const { width, height } = this.$refs.picture.viewBox.baseVal;
      const x = ((event.clientX - box.left) / box.width) * width;
      const y = ((event.clientY - box.top) / box.height) * height;
      return [within(x, width), within(y, height)];
    },

    handles() {
      return handlesOf(drawn, outline, this.chosen('mode'));
    },

    press(event) {
      event.preventDefault();
      this.$refs.picture.setPointerCapture?.(event.pointerId);
      started = this.pointed(event);
      held = grabbed(this.handles(), started, REACH_PX * this.step());
      if (!held && this.chosen('mode') === 'SEAM') drawn = { ...drawn, seam: [started] };
    },

    drag(event) {
      if (!started) return;
      const place = this.pointed(event);
      if (held) this.draw(place);
      else if (this.chosen('mode') === 'SEAM') {
        drawn = withSeam(drawn, place);
        outline = [];
        this.draw();
      }
    },

    release(event) {
      if (!started) return;
      const [from, to, mode] = [started, this.pointed(event), this.chosen('mode')];
      drawn = held ? withMoved(drawn, held, to, outline) : withDrawn(drawn, mode, from, to, outline);
      const isMoved = held;
      [started, held] = [null, null];
      if (mode === 'SCALE' && drawn.scale.length === 2) this.turn('SEAM');
      this.draw();
      if (isMoved ? this.isAsked() : mode === 'SEAM' ? drawn.seam.length > 1 : mode !== 'SCALE' && outline.length)
        this.measure('');
    },

    isAsked() {
      return outline.length > 0 || drawn.seam.length > 1;
    },

    clicked(event) {
      const { id } = event.target;
      if (id === 'measure-now') this.measure('');
      if (id === 'keep') this.measure('?keep=yes');
      if (id === 'to-read-signs') this.take();
      if (id !== 'anew') return;
      [drawn, outline] = [NOTHING, []];
      this.turn(this.needsSize ? 'SCALE' : 'SEAM');
      this.draw();
    },

    async measure(how) {
      const { address, material } = this.$root.dataset;
      const [kind, size, dabs] = [this.chosen('scale'), this.$refs.size.value, this.$refs.dabs.value];
      const wanted = asked(drawn, { kind, size, dabs, material, mmPerUnit: this.mmPerUnit() });
      try {
        const answer = await ask(address + how, JSON.stringify(wanted), { 'Content-Type': 'application/json' });
        const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
        const found = page.getElementById('measured');
        this.$refs.result.replaceChildren(found);
        outline = marked(found.dataset.outline);
        this.trouble = '';
        if (outline.length && this.chosen('mode') === 'SEAM') this.turn('TOE');
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

    // As it stands, and with the handle that is held where the finger is.
    draw(place) {
      const shown = held && place && held.kind !== 'toe' ? withMoved(drawn, held, place, outline) : drawn;
      const handles = handlesOf(shown, outline, this.chosen('mode'));
      if (held && place) handles.push({ ...held, at: place });
      paint(this.$refs, { shown, outline, handles, step: this.step() });
    },
  };
}
