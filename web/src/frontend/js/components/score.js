import { ear } from '../coach/ear.js';
import { jobPage } from '../job-page.js';
import { jobForm, lay } from '../page.js';
import { goOnFrom } from '../score/handles.js';
import { looking } from '../score/looking.js';
import { player } from '../score/player.js';
import { playing } from '../score/playing.js';
import { pulling } from '../score/pulling.js';
import { REST_S, kept } from '../score/scale.js';
import { trying } from '../score/trying.js';

const TYPING_PAUSE_MS = 250;

// The score at work. The server calculates; here the weld cycle is drawn, pulled, played and practised.
export function score() {
  // Kept out of Alpine's reach: it changes with every frame.
  const raw = { view: null, grabbed: null, tried: null, fresh: new Set(), asked: {}, pressed: {}, ear: ear() };

  const base = jobPage('score');

  return {
    ...base,
    ...looking(raw),
    ...pulling(raw),
    ...playing(raw),
    ...trying(raw),

    playing: false,
    trying: false,
    ticking: false,
    paceAt: 1,
    valveOpen: false,
    byHand: false,
    verdict: [],
    welded: '',

    init() {
      this.ready();
      raw.player = player(
        (t) => this.show(t),
        () => this.ended(),
      );
      raw.observer = new ResizeObserver(() => this.redraw());
      if (this.$refs.drawing) {
        raw.observer.observe(this.$refs.drawing);
        this.$refs.drawing.ear = raw.ear;
      }
      this.read();
    },

    get playWord() {
      return this.playing ? 'Stop' : 'Play';
    },
    get paceWord() {
      return `×${this.paceAt}`;
    },
    get tickWord() {
      return this.ticking ? 'Sound' : 'Silent';
    },
    get tryWord() {
      return this.trying ? 'Stop' : 'Practise';
    },
    get padWord() {
      return (
        { FOOT: 'hold: foot down (space)', TOUCH: 'hold: touch and lift (space)' }[raw.score?.input] ??
        'hold: trigger (space)'
      );
    },
    get valveWord() {
      return this.valveOpen ? 'Close the valve' : 'Open the valve';
    },

    read() {
      const data = this.$refs.data?.dataset.score;
      if (!data) return;
      const before = raw.score;
      raw.score = JSON.parse(data);
      goOnFrom(raw.pressed, raw.score.handles);
      const length = this.length();
      const wasWhole = !before || (raw.view.t0 === 0 && Math.abs(raw.view.t1 - before.lengthS - REST_S) < 1e-6);
      raw.view = wasWhole ? { t0: 0, t1: length } : kept(raw.view, length);
      this.byHand = raw.score.input === 'TOUCH';
      this.redraw();
      if (!this.playing && !this.trying) this.show(raw.at ?? 0);
    },

    clicked(event) {
      const button = event.target.closest('[data-do], [data-back]');
      if (!button) return;
      if (button.dataset.back) this.giveBack(button.dataset.back);
      else this[button.dataset.do]();
    },

    giveBack(field) {
      delete raw.asked[field];
      raw.fresh.add(field);
      document.getElementsByName(field).forEach((input) => {
        input.value = '';
      });
      this.save();
    },

    typed(event) {
      const name = event.target.dataset.name;
      if (!name) return;
      event.target.name = name;
      raw.fresh.add(name);
      this.save(TYPING_PAUSE_MS);
    },

    chosen(event) {
      if (event.target.matches('select, [data-name]')) this.save();
    },

    async send() {
      if (!jobForm()) return;
      raw.fresh.clear();
      raw.pressed = {};
      await base.send.call(this);
    },

    place(html, job) {
      lay(html, job, 'score', raw.fresh);
      this.read();
    },

    laid() {
      this.read();
    },

    travel(event) {
      raw.asked = {};
      raw.pressed = {};
      return base.travel.call(this, event);
    },

    csv() {
      const step = this.$refs.step.value.replace(/[^0-9.,eE-]/g, '');
      window.location.assign(`${window.location.pathname}.csv?step=${encodeURIComponent(step)}`);
    },
  };
}
