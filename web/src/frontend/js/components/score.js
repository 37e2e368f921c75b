import { formBody, lay, showHistory, tellSaving, travelHistory } from '../page.js';
import { post, troubleOf } from '../requests.js';
import { saver } from '../saving.js';
import { dabTimes } from '../score/draw.js';
import { goOnFrom } from '../score/handles.js';
import { looking } from '../score/looking.js';
import { player } from '../score/player.js';
import { playing } from '../score/playing.js';
import { pulling } from '../score/pulling.js';
import { REST_S, kept } from '../score/scale.js';
import { trying } from '../score/trying.js';

const TYPING_PAUSE_MS = 250;
const RETRY_MS = 3000;

// The score at work. The server calculates; here the weld cycle is drawn, pulled, played and practised.
export function score() {
  // Kept out of Alpine's reach: it changes with every frame.
  const raw = { view: null, grabbed: null, tried: null, fresh: new Set(), asked: {}, pressed: {} };

  return {
    ...looking(raw),
    ...pulling(raw),
    ...playing(raw),
    ...trying(raw),

    trouble: '',
    playing: false,
    trying: false,
    ticking: false,
    paceAt: 1,
    valveOpen: false,
    byHand: false,
    verdict: [],
    welded: '',

    init() {
      raw.saving = saver(() => this.send(), tellSaving);
      raw.player = player(
        (t) => this.show(t),
        () => this.ended(),
      );
      raw.observer = new ResizeObserver(() => this.redraw());
      const sheet = document.getElementById('score-drawing');
      if (sheet) raw.observer.observe(sheet);
      showHistory();
      this.read();
    },

    get playWord() {
      return this.playing ? 'Stop' : 'Play';
    },
    get paceWord() {
      return `×${this.paceAt}`;
    },
    get tickWord() {
      return this.ticking ? 'Ticks' : 'Silent';
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
      const data = document.getElementById('score-data')?.dataset.score;
      if (!data) return;
      const before = raw.score;
      raw.score = JSON.parse(data);
      goOnFrom(raw.pressed, raw.score.handles);
      raw.dabs = dabTimes(raw.score);
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
      raw.saving.run();
    },

    typed(event) {
      const name = event.target.dataset.name;
      if (!name) return;
      event.target.name = name;
      raw.fresh.add(name);
      clearTimeout(raw.pause);
      raw.pause = setTimeout(() => raw.saving.run(), TYPING_PAUSE_MS);
    },

    chosen(event) {
      if (event.target.matches('select, [data-name]')) {
        clearTimeout(raw.pause);
        raw.saving.run();
      }
    },

    refresh() {
      raw.saving.run();
    },

    async send() {
      const form = document.getElementById('job-form');
      if (!form) return;
      raw.fresh.clear();
      raw.pressed = {};
      try {
        const answer = await post(form.action, formBody());
        this.lay(await answer.text(), answer.headers.get('X-Job'));
        this.trouble = '';
      } catch (error) {
        this.trouble = troubleOf(
          error,
          'Not kept yet: the program does not answer. Your figures stay here; trying again.',
        );
        raw.pause = setTimeout(() => raw.saving.run(), RETRY_MS);
      }
    },

    lay(html, job) {
      lay(html, job, 'score', raw.fresh);
      this.read();
    },

    async travel(event) {
      raw.asked = {};
      raw.pressed = {};
      try {
        await travelHistory(event.detail, 'score');
        this.read();
      } catch (error) {
        this.trouble = troubleOf(error, 'Nothing was taken back: the program does not answer. Try again.');
      }
    },

    csv() {
      const step = document.getElementById('csv-step').value.replace(/[^0-9.,eE-]/g, '');
      window.location.assign(`${window.location.pathname}.csv?step=${encodeURIComponent(step)}`);
    },
  };
}
