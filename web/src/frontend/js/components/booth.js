import { isTyping } from '../keymap.js';
import { showHistory, travelHistory } from '../page.js';
import { post, troubleOf } from '../requests.js';
import { strip } from '../run/strip.js';
import { clockText, lasts } from '../run/times.js';

const OWN_KEYS = new Set(['?', 'h', 'n', 'm', 'u', 't', '/', 'b', 'Tab', 'Escape', 'Shift', 'Control', 'Alt', 'Meta', 'AltGraph', 'CapsLock',
  'ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight', 'Home', 'End']);
const OTHERS = { VOLTAGE: ['V', 1], GAS_FLOW: ['L/min of gas', 1], OXYGEN: ['ppm of oxygen', 0], TEMPERATURE: ['°C', 0] };
const BOUNCE_MS = 250;
const TICK_MS = 100;

// The booth: the page counts between two events, the program says where the run stands at each.
export function booth() {
  let shown = null;
  let at = 0;
  let drawing = null;
  let events = null;
  let last = -BOUNCE_MS;
  let awake = null;
  const read = new Map();

  const by = (id) => document.getElementById(id);
  const root = () => by('booth');

  return {
    trouble: '',

    init() {
      showHistory();
      if (!root()) return;
      const told = root().dataset;
      shown = { run: told.run, stage: told.stage, says: by('stage').textContent, leftS: Number(told.left), sinceS: Number(told.since),
        arcS: Number(told.arc), nowS: Number(told.now), dutyLeftS: Number(told.duty), argonMin: Number(told.argon), touch: by('touch').textContent, marks: null };
      at = performance.now();
      drawing = strip(by('strip'), told.planned, Number(told.top));
      this.tell();
      this.listen();
      this.timer = setInterval(() => this.tell(), TICK_MS);
      document.addEventListener('visibilitychange', () => this.stayAwake());
      this.stayAwake();
    },

    destroy() {
      clearInterval(this.timer);
      events?.close();
    },

    // The screen stays on while the booth is looked at, where the browser lets it.
    async stayAwake() {
      if (document.visibilityState !== 'visible' || !navigator.wakeLock || awake) return;
      try {
        awake = await navigator.wakeLock.request('screen');
        awake.addEventListener('release', () => { awake = null; });
      } catch { awake = null; }
    },

    burning: () => shown?.stage === 'ARC',

    tell() {
      if (!shown || !root()) return;
      const gone = (performance.now() - at) / 1000;
      const { stage } = shown;
      const counting = stage === 'POST_FLOW' || stage === 'COOLING';
      by('stage').textContent = shown.says;
      root().dataset.stage = stage;
      by('clock').textContent = counting ? clockText(Math.max(0, shown.leftS - gone)) : stage === 'READY' ? clockText(0) : clockText(shown.sinceS + gone);
      by('arc').textContent = clockText(shown.arcS + (stage === 'ARC' ? gone : 0));
      by('duty').textContent = shown.dutyLeftS >= 599 && stage !== 'ARC' ? '10:00' : clockText(Math.max(0, shown.dutyLeftS - (stage === 'ARC' ? gone : 0)));
      [by('argon').textContent, by('argon-unit').textContent] = lasts(shown.argonMin);
      by('touch').textContent = shown.touch;
      by('arc-button').textContent = stage === 'ARC' ? 'Arc out' : 'Arc on';
      if (counting && gone >= shown.leftS) this.look();
      drawing.draw(shown.nowS + gone);
    },

    take(state) {
      const begun = state.run !== shown.run;
      shown = state;
      at = performance.now();
      by('close-run').disabled = by('drop-run').disabled = !state.run;
      by('simulated').hidden = !state.playing && by('simulated').hidden;
      if (state.playing) by('simulated').hidden = false;
      by('marks').replaceChildren(...state.marks.map((mark) => Object.assign(document.createElement('li'), { textContent: mark })));
      this.trouble = '';
      this.tell();
      if (begun) this.listen();
    },

    address: (what) => `/jobs/${root().dataset.job}/run/${what}`,

    body(told) {
      return new URLSearchParams({ n: root().dataset.n ?? '', ...told });
    },

    async send(what, told, silent) {
      try {
        this.take(await (await post(this.address(what), this.body(told))).json());
      } catch (error) {
        this.trouble = troubleOf(error, silent);
      }
    },

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
      try {
        const answer = await fetch(`${this.address('state')}?${this.body({})}`);
        if (answer.ok) this.take(await answer.json());
      } finally {
        setTimeout(() => {
          this.looking = false;
          if (this.lookAgain) this.look();
        }, 500);
      }
    },

    // What meters read, and that the run has gone on.
    listen() {
      events?.close();
      if (!shown.run) return;
      events = new EventSource(this.address('live'));
      // No event reached this page before the line was open, or while it was broken.
      events.onopen = () => this.look();
      events.onmessage = (event) => {
        const told = JSON.parse(event.data);
        const current = told.readings.CURRENT ?? [];
        if (current.length) {
          by('read').textContent = current[current.length - 1][1].toFixed(current[current.length - 1][1] < 10 ? 1 : 0);
          drawing.read(current);
        }
        this.others(told.readings);
        if (told.changed) this.look();
      };
    },

    // Whatever else is read, its last figure each.
    others(readings) {
      Object.entries(OTHERS).forEach(([kind, [unit, digits]]) => {
        const last = readings[kind]?.at(-1);
        if (last) read.set(kind, `${last[1].toFixed(digits)} ${unit}`);
      });
      by('others-read').textContent = [...read.values()].join(' · ');
    },

    happened(kind) {
      return this.send('event', { kind }, 'Not kept yet: the program does not answer. Tap again when it does.');
    },

    turn() {
      const now = performance.now();
      if (now - last < BOUNCE_MS) return;
      last = now;
      this.happened(this.burning() ? 'ARC_OFF' : 'ARC_ON');
    },

    // A foot switch that types, or any key that means nothing else.
    foot(event) {
      if (!root() || event.repeat || event.ctrlKey || event.altKey || event.metaKey) return;
      if (OWN_KEYS.has(event.key) || /^[1-9]$/.test(event.key) || isTyping(document.activeElement)) return;
      if (document.querySelector('dialog[open]')) return;
      const pressing = (event.key === ' ' || event.key === 'Enter') && document.activeElement?.closest('button, a, summary, input, select');
      if (pressing && document.activeElement.id !== 'arc-button') return;
      event.preventDefault();
      this.turn();
    },

    clicked(event) {
      const button = event.target.closest('button');
      if (!button) return;
      if (button.dataset.mark) this.happened(button.dataset.mark);
      else if (button.id === 'arc-button') this.turn();
      else if (button.id === 'stand-in') this.send('stand-in', { fault: by('fault').value }, 'The stand-in did not begin: the program does not answer.');
      else if (button.id === 'drop-run') this.drop();
    },

    chosen(event) {
      if (event.target.id === 'meter') this.send('meter', { meter: event.target.value }, 'Not taken: the program does not answer.');
    },

    async drop() {
      try {
        await post(this.address('drop'), this.body({}));
        window.location.reload();
      } catch (error) {
        this.trouble = troubleOf(error, 'Not dropped: the program does not answer.');
      }
    },

    async closing(event) {
      if (event.target.id !== 'close-form') return;
      event.preventDefault();
      try {
        const answer = await (await post(this.address('close'), this.body({ ...Object.fromEntries(new FormData(event.target)), run: shown.run ?? '' }))).json();
        if (answer.to) {
          window.location.assign(answer.to);
          return;
        }
        document.querySelectorAll('[data-wrong]').forEach((place) => {
          const message = answer[place.dataset.wrong] ?? '';
          place.textContent = message;
          place.hidden = !message;
        });
      } catch (error) {
        this.trouble = troubleOf(error, 'Not closed: the program does not answer. What you typed stays here.');
      }
    },

    async travel(event) {
      try {
        await travelHistory(event.detail, 'run');
      } catch (error) {
        this.trouble = troubleOf(error, 'Nothing was taken back: the program does not answer. Try again.');
      }
    },
  };
}
