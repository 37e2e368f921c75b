import { jobPage } from '../job-page.js';
import { jobForm } from '../page.js';
import { ends } from '../purge/ends.js';
import { hearing } from '../purge/hearing.js';
import { listener } from '../purge/live.js';

const TYPING_PAUSE_MS = 250;
const TICK_MS = 250;

const spoken = (seconds) => {
  const whole = Math.ceil(seconds);
  return whole < 100 ? `${whole} s` : `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
};

// A job's purge: the chain of parts, the gas, and the wait, which is counted on the server's clock and kept there.
export function purge() {
  let behind = 0;
  let over = false;
  let live = null;

  return {
    ...jobPage('purge'),
    ...ends(),
    ...hearing(),
    count: '',
    countNote: '',
    // Steel wants no purge: what could be calculated stays folded until it is asked for.
    folded: jobForm()?.dataset.folded === 'true',

    unfold() {
      this.folded = false;
    },

    init() {
      this.ready();
      live = listener(
        (told) => this.heard(told),
        () => this.$refs,
      );
      this.setClock();
      setInterval(() => this.tick(), TICK_MS);
    },

    setClock() {
      const { wait } = this.$refs;
      behind = wait ? Number(wait.dataset.now) - Date.now() : 0;
      over = false;
      if (live.follow(window.location.pathname.replace(/\/purge$/, '/purge/live'))) this.deaf();
      this.tick();
    },

    tick() {
      const { wait } = this.$refs;
      const started = Number(wait?.dataset.started ?? 0);
      if (!started) {
        this.count = '–';
        this.countNote = 'Time left';
        return;
      }
      const left = Number(wait.dataset.mixed) - (Date.now() + behind - started) / 1000;
      this.countNote = left > 0 ? 'Time left' : 'Time over';
      this.count = spoken(Math.abs(left));
      if (left <= 0 && !over && !wait.classList.contains('ready')) {
        over = true;
        this.save();
      }
    },

    typed(event) {
      if (!event.target.matches('input[type=text][name]')) return;
      this.save(TYPING_PAUSE_MS);
    },

    chosen(event) {
      if (!event.target.name || event.target.matches('input[type=text]')) return;
      this.save();
    },

    laid() {
      this.setClock();
    },

    async clicked(event) {
      const button = event.target.closest('button');
      if (!button) return;
      const { add, out, on, open, do: act } = button.dataset;
      const { readings, fault, listenTo } = this.$refs;
      if (act === 'readings') await this.tell('/readings', { readings: readings.value });
      else if (act === 'keep') await this.tell('/keep', {});
      else if (act === 'deaf') await this.tell('/listen', {});
      else if (act === 'listen') await this.tell('/listen', { meter: listenTo.value || `simulated ${fault.value}` });
      else if (act === 'simulate') await this.tell('/simulate', { fault: fault.value });
      else if (open !== undefined) await this.tell('/start', { open });
      else if (add || out || on)
        await this.tell('/part', { ...(add && { add }), ...(out && { out }), ...(on && { on }) });
    },
  };
}
