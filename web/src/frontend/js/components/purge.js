import { formBody, lay, showHistory, tellSaving, travelHistory } from '../page.js';
import { post, troubleOf } from '../requests.js';
import { listener } from '../purge/live.js';
import { saver } from '../saving.js';

const TYPING_PAUSE_MS = 250;
const RETRY_MS = 3000;
const TICK_MS = 250;
const END_SHARE = 0.22;
const TAP_PX = 8;
// A leak is found from five readings on.
const FEWEST_READ = 5;
const SILENT = 'Nothing heard yet. A simulated meter reads for two hours from the opening of the argon; a real one as soon as its sender sends.';
const MM_PER_INCH = 25.4;

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
  let held = null;
  let live = null;

  return {
    trouble: '',
    count: '',
    countNote: '',
    livePpm: '–',
    liveFlow: '–',
    liveSays: SILENT,
    tooFew: true,
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

    deaf() {
      this.livePpm = '–';
      this.liveFlow = '–';
      this.liveSays = SILENT;
      this.tooFew = true;
    },

    // The meter's own word stands where a hand has typed none yet.
    heard({ ppm, flow, says, inside, reached, heard }) {
      this.tooFew = heard < FEWEST_READ;
      if (this.liveSays === SILENT) this.liveSays = '';
      if (ppm) this.livePpm = ppm;
      if (flow) this.liveFlow = flow;
      if (flow) this.liveSays = says;
      const struck = document.querySelector('#inside b');
      if (inside && struck) struck.textContent = inside;
      const field = document.getElementById('meter');
      if (reached && field && !field.value) {
        field.value = ppm;
        saving.run();
      }
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
        this.trouble = troubleOf(error, 'Not kept yet: the program does not answer. What you told stays here; trying again.');
        setTimeout(() => saving.run(), RETRY_MS);
      }
    },

    // The picture's ends: pulled along, the dam moves and its part gets longer or shorter; up or down, or tapped, what passes there does.
    grab(event) {
      const picture = event.target.closest('svg');
      if (!picture) return;
      const box = picture.getBoundingClientRect();
      const share = (event.clientX - box.left) / box.width;
      if (share > END_SHARE && share < 1 - END_SHARE) return;
      event.preventDefault();
      held = { picture, first: share <= END_SHARE, x: event.clientX, y: event.clientY };
    },

    pull(event) {
      if (held) held.picture.style.transform = `translateX(${(event.clientX - held.x) / 8}px)`;
    },

    drop(event) {
      if (!held) return;
      const { picture, first, x, y } = held;
      held = null;
      picture.style.transform = '';
      const along = event.clientX - x;
      const down = event.clientY - y;
      if (Math.abs(along) > TAP_PX && Math.abs(along) > Math.abs(down)) this.moveDam(picture, first, along);
      else this.turnEnd(first, Math.abs(down) > TAP_PX ? (down > 0 ? 'LOW' : 'HIGH') : null);
    },

    moveDam(picture, first, along) {
      const [, , width] = picture.getAttribute('viewBox').split(' ').map(Number);
      const millimetres = (along * width) / picture.getBoundingClientRect().width;
      const lengths = [...document.querySelectorAll('#parts input[id$=".lengthMm"]')];
      const field = first ? lengths[0] : lengths[lengths.length - 1];
      if (!field) return;
      const now = parseFloat((field.value || field.placeholder).replace(',', '.'));
      const inch = /in|"/.test(field.value || field.placeholder);
      const before = inch ? now * MM_PER_INCH : now;
      field.value = `${Math.max(1, Math.round(before + (first ? -millimetres : millimetres)))} mm`;
      field.dispatchEvent(new Event('input', { bubbles: true }));
    },

    turnEnd(first, wanted) {
      const list = document.getElementById(first ? 'choose-purge.inlet' : 'choose-purge.ventAt');
      list.value = wanted ?? (list.value === 'LOW' ? 'HIGH' : 'LOW');
      list.dispatchEvent(new Event('change', { bubbles: true }));
    },

    async clicked(event) {
      const button = event.target.closest('button');
      if (!button) return;
      const { add, out, on, open, do: act } = button.dataset;
      const version = document.querySelector('#job-form [name=version]')?.value ?? '';
      if (act === 'readings') await this.tell('/readings', { readings: document.getElementById('readings').value, version });
      else if (act === 'keep') await this.tell('/keep', { version });
      else if (act === 'deaf') await this.tell('/listen', { version });
      else if (act === 'listen') {
        const fault = document.getElementById('simulated-fault').value;
        await this.tell('/listen', { meter: document.getElementById('listen-to').value || `simulated ${fault}`, version });
      } else if (act === 'simulate') await this.tell('/simulate', { fault: document.getElementById('simulated-fault').value, version });
      else if (open !== undefined) await this.tell('/start', { open, version });
      else if (add || out || on) await this.tell('/part', { version, ...(add && { add }), ...(out && { out }), ...(on && { on }) });
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
