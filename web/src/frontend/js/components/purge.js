import { formBody, lay, showHistory, tellSaving, travelHistory } from '../page.js';
import { post, troubleOf } from '../requests.js';
import { ends } from '../purge/ends.js';
import { hearing } from '../purge/hearing.js';
import { listener } from '../purge/live.js';
import { saver } from '../saving.js';

const TYPING_PAUSE_MS = 250;
const RETRY_MS = 3000;
const TICK_MS = 250;

const spoken = (seconds) => {
  const whole = Math.ceil(seconds);
  return whole < 100 ? `${whole} s` : `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
};

// A job's purge: the chain of parts, the gas, and the wait, which is counted on the server's clock and kept there.
export function purge() {
  let saving = null;
  let pause = null;
  let behind = 0;
  let over = false;
  let live = null;

  return {
    ...ends(),
    ...hearing(),
    trouble: '',
    count: '',
    countNote: '',
    // Steel wants no purge: what could be calculated stays folded until it is asked for.
    folded: document.getElementById('job-form')?.dataset.folded === 'true',

    unfold() {
      this.folded = false;
    },

    init() {
      saving = saver(() => this.send(), tellSaving);
      showHistory();
      live = listener((told) => this.heard(told));
      this.setClock();
      setInterval(() => this.tick(), TICK_MS);
    },

    setClock() {
      const wait = document.getElementById('wait');
      behind = wait ? Number(wait.dataset.now) - Date.now() : 0;
      over = false;
      if (live.follow(window.location.pathname.replace(/\/purge$/, '/purge/live'))) this.deaf();
      this.tick();
    },

    tick() {
      const wait = document.getElementById('wait');
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
        saving.run();
      }
    },

    typed(event) {
      if (!event.target.matches('input[type=text][name]')) return;
      clearTimeout(pause);
      pause = setTimeout(() => saving.run(), TYPING_PAUSE_MS);
    },

    chosen(event) {
      if (!event.target.name || event.target.matches('input[type=text]')) return;
      clearTimeout(pause);
      saving.run();
    },

    refresh() {
      saving.run();
    },

    address(more) {
      return `${document.getElementById('job-form').getAttribute('action')}${more}`;
    },

    place(html, job) {
      lay(html, job, 'purge');
      this.setClock();
    },

    async send() {
      try {
        const answer = await post(this.address(''), formBody());
        this.place(await answer.text(), answer.headers.get('X-Job'));
        this.trouble = '';
      } catch (error) {
        this.trouble = troubleOf(
          error,
          'Not kept yet: the program does not answer. What you told stays here; trying again.',
        );
        setTimeout(() => saving.run(), RETRY_MS);
      }
    },

    async clicked(event) {
      const button = event.target.closest('button');
      if (!button) return;
      const { add, out, on, open, do: act } = button.dataset;
      const version = document.querySelector('#job-form [name=version]')?.value ?? '';
      if (act === 'readings')
        await this.tell('/readings', { readings: document.getElementById('readings').value, version });
      else if (act === 'keep') await this.tell('/keep', { version });
      else if (act === 'deaf') await this.tell('/listen', { version });
      else if (act === 'listen') {
        const fault = document.getElementById('simulated-fault').value;
        await this.tell('/listen', {
          meter: document.getElementById('listen-to').value || `simulated ${fault}`,
          version,
        });
      } else if (act === 'simulate')
        await this.tell('/simulate', { fault: document.getElementById('simulated-fault').value, version });
      else if (open !== undefined) await this.tell('/start', { open, version });
      else if (add || out || on)
        await this.tell('/part', { version, ...(add && { add }), ...(out && { out }), ...(on && { on }) });
    },

    async tell(more, fields) {
      try {
        const answer = await post(this.address(more), new URLSearchParams(fields));
        this.place(await answer.text(), null);
        this.trouble = '';
      } catch (error) {
        this.trouble = troubleOf(error, 'Not kept: the program does not answer. Tap it again.');
      }
    },

    async travel(event) {
      try {
        await travelHistory(event.detail, 'purge');
        this.setClock();
      } catch (error) {
        this.trouble = troubleOf(error, 'Nothing was taken back: the program does not answer. Try again.');
      }
    },
  };
}
