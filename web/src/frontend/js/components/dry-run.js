import { ear } from '../coach/ear.js';
import { isTyping } from '../keymap.js';

const KEY = 'dry-runs';
const MOST = 10;
const TICK_MS = 100;
const TRIGGER = ' ';
const OWN_KEYS = new Set(['Tab', 'Escape', 'Shift', 'Control', 'Alt', 'Meta', '?', '/']);

function keptRuns() {
  try {
    return JSON.parse(localStorage.getItem(KEY)) ?? [];
  } catch {
    return [];
  }
}

// The last tries of a learner at a job, newest first; `fresh` is a new one, evenness and dabs met in percent.
export function withTry(runs, learner, job, fresh, at) {
  const [even, near] = fresh.split(',').map(Number);
  const own = (run) => run.learner === learner && run.job === job;
  const mine = [{ learner, job, at, even, near }, ...runs.filter(own)].slice(0, MOST);
  return [...mine, ...runs.filter((run) => !own(run))].slice(0, 20 * MOST);
}

// A weld with a cold torch: the first press opens the gas, the coach says strike, dabs and the end; taps are noted, the server reads them.
export function dryRun() {
  const own = ear();
  let began = 0;
  let beat = 0;
  let taps = [];

  return {
    clock: '0.0 s',
    said: '',
    going: false,
    mute: false,
    tries: [],

    get triggerWord() {
      return this.going ? 'End the weld (space)' : 'Press the trigger (space)';
    },

    init() {
      const { learner, job, kept } = this.$el.dataset;
      let runs = keptRuns();
      if (kept) {
        runs = withTry(runs, learner, job, kept, Date.now());
        try {
          localStorage.setItem(KEY, JSON.stringify(runs));
        } catch {
          // A browser that keeps nothing shows this try alone.
        }
      }
      this.tries = runs
        .filter((run) => run.learner === learner && run.job === job)
        .map((run) => ({
          at: run.at,
          when: new Date(run.at).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' }),
          words: `even ${run.even} %, dabs met ${run.near} %`,
        }));
      this.cues = JSON.parse(this.$el.dataset.cues);
      this.$el.ear = own;
    },

    destroy() {
      clearInterval(beat);
      own.stop();
    },

    now: () => (performance.now() - began) / 1000,

    async trigger() {
      if (this.going) {
        this.end();
        return;
      }
      this.mute = !(await own.wake());
      began = performance.now();
      taps = [];
      this.going = true;
      own.play(this.cues, 0);
      beat = setInterval(() => this.tick(), TICK_MS);
    },

    tick() {
      const s = this.now();
      this.clock = `${s.toFixed(1)} s`;
      this.said = this.cues.filter((cue) => cue.s <= s && cue.kind !== 'DAB').pop()?.words ?? '';
    },

    dab() {
      if (this.going) taps.push(this.now().toFixed(3));
    },

    key(event) {
      if (event.repeat || event.ctrlKey || event.altKey || event.metaKey || isTyping(document.activeElement)) return;
      if (event.key === TRIGGER) {
        event.preventDefault();
        this.trigger();
      } else if (this.going && !OWN_KEYS.has(event.key)) {
        event.preventDefault();
        event.stopPropagation();
        this.dab();
      }
    },

    end() {
      this.going = false;
      clearInterval(beat);
      own.stop();
      this.$refs.end.value = this.now().toFixed(3);
      this.$refs.taps.value = taps.join(',');
      this.$refs.form.requestSubmit();
    },
  };
}
