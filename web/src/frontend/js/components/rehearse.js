import { formBody, lay, showHistory, travelHistory } from '../page.js';
import { post, troubleOf } from '../requests.js';
import { isTyping } from '../keymap.js';
import { cancel, isOver, rest, untilOver } from '../working.js';
import { bytes, laidOut, paint, shareAt } from '../rehearse/paint.js';

const POLL_MS = 120;
const FIRST_MS = 30;
const SPEEDS = [1, 4, 16];
const CURSOR_STEP = 0.02;

const decoded = (frame) => ({ ...frame, front: bytes(frame.front), back: bytes(frame.back), section: bytes(frame.section) });

// The weld on simulated metal: runs it, shows it while it forms, plays it again, lays two side by side, looks for a setting.
export function rehearse() {
  let films = [];
  let ids = [];
  let sent = '';
  let started = 0;
  let frame = 0;
  let cursor = null;
  let playing = null;
  let looking = null;
  let lastSpoken = '';

  const last = () => Math.max(0, ...films.map((film) => film.frames.length - 1));

  return {
    trouble: '',
    search: '',
    running: false,
    finding: false,
    unsteady: false,
    amounts: false,
    shown: false,
    empty: true,
    two: false,
    done: false,
    nameOne: 'As on the sheet',
    nameTwo: '',
    saysOne: '',
    saysTwo: '',
    clock: '0.0 s',
    spoken: '',
    legend: '',
    playName: 'Play',
    speedName: '4 ×',
    speed: 4,

    init() {
      showHistory();
      this.unsteady = document.getElementById('unsteady')?.checked ?? false;
      new ResizeObserver(() => this.draw()).observe(document.getElementById('rehearse-place'));
      [0, 1].forEach((at) => {
        document.getElementById(`canvas-${at}`)?.addEventListener('pointermove', (event) => this.point(event));
        document.getElementById(`canvas-${at}`)?.addEventListener('pointerleave', () => this.aim(null));
        document.getElementById(`canvas-${at}`)?.addEventListener('keydown', (event) => this.walk(event));
      });
    },

    form() {
      return document.getElementById('job-form');
    },

    address(more) {
      return `${this.form().getAttribute('action')}${more}`;
    },

    chosen(event) {
      if (event.target.name === 'steadiness') this.unsteady = event.target.value === 'UNSTEADY';
      if (event.target.name === 'change') this.amounts = ['CURRENT', 'TRAVEL'].includes(event.target.value);
    },

    async clicked(event) {
      const button = event.target.closest('button');
      if (!button) return;
      const { do: act, forget, again, take, value } = button.dataset;
      if (act === 'run') await this.run();
      else if (act === 'stop') await this.stop();
      else if (act === 'play') this.play();
      else if (act === 'speed') this.turnSpeed();
      else if (act === 'picture') this.picture();
      else if (act === 'find') await this.find();
      else if (act === 'stop-find') await cancel(looking);
      else if (act === 'compare') await this.compare();
      else if (forget) await this.forget(forget);
      else if (again) await this.run(again);
      else if (take) await this.take(take, value);
    },

    keyed(event) {
      if (isTyping(document.activeElement) || event.ctrlKey || event.altKey || event.metaKey) return;
      if (event.key === ' ' && this.shown && document.activeElement?.tagName !== 'BUTTON') {
        event.preventDefault();
        this.play();
      } else if (event.key === 'r') this.run();
    },

    // What was begun, or the words why it was not.
    async begin(more, kept) {
      const body = formBody();
      if (kept) body.set('one', kept);
      body.set('version', document.querySelector('#job-form [name=version]').value);
      sent = body.toString();
      const told = await (await post(this.address(more), body)).json();
      this.trouble = told.problems.join(' ');
      return told.ids;
    },

    // The weld as the form says, or one that was kept, to be watched once more.
    async run(again) {
      if (this.running) await this.stop();
      try {
        const begun = await this.begin(again ? '/again' : '/run', again);
        if (!begun.length) return;
        ids = begun;
        const number = (started += 1);
        const change = document.getElementById('choose-change');
        films = ids.map(() => ({ layout: null, frames: [], beads: [], state: 'WAITING', share: 0, before: 0 }));
        this.running = true;
        this.done = false;
        this.empty = false;
        this.shown = true;
        this.two = ids.length > 1;
        this.nameTwo = this.two ? change.selectedOptions[0].textContent + (this.amounts ? ` ${document.getElementById('amount').value || '10'}` : '') : '';
        this.pause();
        frame = 0;
        cursor = null;
        document.getElementById('told').replaceChildren();
        await Promise.all(ids.map((id, at) => this.follow(id, at, number)));
        if (number !== started) return;
        this.running = false;
        if (!again && films.every((film) => film.state === 'DONE')) await this.keep();
      } catch (error) {
        this.running = false;
        this.trouble = troubleOf(error, 'The program does not answer. Tap it again.');
      }
    },

    async follow(id, at, number) {
      while (number === started) {
        const film = films[at];
        const answer = await fetch(this.address(`/film/${id}?from=${film.frames.length}`));
        if (number !== started) return;
        if (!answer.ok) {
          film.state = 'CANCELLED';
          return;
        }
        const told = await answer.json();
        Object.assign(film, { layout: laidOut(told.layout), state: told.state, share: told.share, before: told.before, stepC: told.stepC, family: told.family, places: told.places, faceWords: told.faceWords, backWords: told.backWords });
        film.frames.push(...told.frames.map(decoded));
        film.beads = told.beads.map(bytes);
        frame = Math.max(0, Math.min(...films.map((one) => one.frames.length - 1)));
        this.draw();
        if (isOver(told.state) && (!told.frames.length || told.beads.length)) return;
        await rest(film.frames.length ? POLL_MS : FIRST_MS);
      }
    },

    async stop() {
      started += 1;
      this.running = false;
      await Promise.all(ids.map((id) => cancel(id)));
      films.forEach((film) => Object.assign(film, { state: film.state === 'DONE' ? 'DONE' : 'CANCELLED' }));
      this.draw();
    },

    async keep() {
      const body = new URLSearchParams(sent);
      ids.forEach((id, at) => body.set(at ? 'other' : 'one', id));
      const answer = await post(this.address('/keep'), body);
      this.done = true;
      this.tell(await answer.text());
      this.draw();
    },

    tell(html) {
      const page = new DOMParser().parseFromString(html, 'text/html');
      const kept = page.getElementById('rehearsed');
      if (kept) document.getElementById('rehearsed').replaceWith(kept);
      document.getElementById('told').replaceWith(page.getElementById('told'));
    },

    draw() {
      if (!films.length || !this.shown) return;
      requestAnimationFrame(() => films.forEach((film, at) => paint(document.getElementById(`canvas-${at}`), film, frame, cursor)));
      const scrub = document.getElementById('scrub');
      scrub.max = String(last());
      scrub.value = String(frame);
      this.saysOne = this.says(films[0]);
      this.saysTwo = films[1] ? this.says(films[1]) : '';
      const now = films[0].frames[Math.min(frame, films[0].frames.length - 1)];
      this.clock = now ? `${now.s.toFixed(1)} s` : '0.0 s';
      films.forEach((film, at) => {
        const canvas = document.getElementById(`canvas-${at}`);
        canvas.setAttribute('aria-label', `${canvas.dataset.shows}, at ${this.clock}: ${this.says(film)}`);
      });
      this.legend = this.legendOf(films[0].family);
      const state = this.running ? 'running' : 'over';
      if (state !== lastSpoken) {
        lastSpoken = state;
        this.spoken = this.running ? 'The simulation is running.' : `The simulation has ended. ${this.saysOne}. ${this.saysTwo}`;
      }
    },

    says(film) {
      if (film.state === 'CANCELLED') return 'stopped';
      if (film.state === 'FAILED') return 'this could not be calculated; try another detail';
      if (!film.frames.length) return film.before ? `waiting: ${film.before} before this one` : 'starting';
      const now = film.frames[Math.min(frame, film.frames.length - 1)];
      return `${now.said}${this.running && film.state !== 'DONE' ? ` · ${Math.round(100 * film.share)} %` : ''}`;
    },

    legendOf(family) {
      const tint = family === 'STAINLESS' || family === 'TITANIUM' ? ' Tint: straw, bronze, purple, blue, grey as the hot metal meets the air.' : '';
      return `Yellow: molten now. Red: glowing. Grey: bead, once molten.${tint}`;
    },

    scrubbed(event) {
      this.pause();
      frame = Number(event.target.value);
      this.draw();
    },

    pause() {
      clearTimeout(playing);
      playing = null;
      this.playName = 'Play';
    },

    play() {
      if (playing) {
        this.pause();
        return;
      }
      if (frame >= last()) frame = 0;
      this.playName = 'Pause';
      this.step();
    },

    step() {
      this.draw();
      const { frames } = films[0];
      const gap = frames.length > 1 ? frames[1].s - frames[0].s : 0.1;
      if (frame >= last()) {
        this.pause();
        return;
      }
      const skip = Math.max(1, Math.round((this.speed * 0.04) / gap));
      playing = setTimeout(() => {
        frame = Math.min(last(), frame + skip);
        this.step();
      }, Math.max(40, (1000 * gap * skip) / this.speed));
    },

    turnSpeed() {
      this.speed = SPEEDS[(SPEEDS.indexOf(this.speed) + 1) % SPEEDS.length];
      this.speedName = `${this.speed} ×`;
    },

    point(event) {
      const share = shareAt(event.target, event.clientX);
      this.aim(share >= 0 && share <= 1 ? share : null);
    },

    aim(share) {
      cursor = share;
      this.draw();
    },

    walk(event) {
      if (!['ArrowLeft', 'ArrowRight'].includes(event.key)) return;
      event.preventDefault();
      const from = cursor ?? 0.5;
      this.aim(Math.max(0, Math.min(0.999, from + (event.key === 'ArrowRight' ? CURSOR_STEP : -CURSOR_STEP))));
    },

    picture() {
      frame = last();
      cursor = null;
      this.draw();
      requestAnimationFrame(() => requestAnimationFrame(() => {
        const link = document.createElement('a');
        link.href = document.getElementById('canvas-0').toDataURL('image/png');
        link.download = 'bead.png';
        link.click();
      }));
    },

    async find() {
      try {
        const field = document.getElementById('targetMm');
        if (!field.value) field.value = field.placeholder;
        const [id] = await this.begin('/find');
        if (!id) return;
        looking = id;
        this.finding = true;
        document.getElementById('found').replaceChildren();
        const state = await untilOver(id, ({ before, share }) => {
          this.search = before ? `waits: ${before} before it` : `welding one after another: ${Math.round(100 * share)} %`;
        });
        this.finding = false;
        this.search = { DONE: '', CANCELLED: 'stopped' }[state] ?? 'this could not be calculated; try a shorter seam';
        if (state !== 'DONE') return;
        const answer = await fetch(this.address(`/found/${id}`));
        const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
        document.getElementById('found').replaceWith(page.getElementById('found'));
      } catch (error) {
        this.finding = false;
        this.trouble = troubleOf(error, 'The program does not answer. Tap it again.');
      }
    },

    async take(knob, value) {
      const version = document.querySelector('#job-form [name=version]').value;
      await this.told('/take', { knob, value, version }, (html) => {
        lay(html, null, 'rehearse');
        this.search = 'Now on the sheet, as your own value.';
      });
    },

    async compare() {
      const ticked = [...document.querySelectorAll('#rehearsed [name=kept]:checked')].slice(0, 2);
      if (!ticked.length) {
        this.trouble = 'Tick one or two of them first.';
        return;
      }
      const query = ticked.map((box, at) => `${at ? 'other' : 'one'}=${box.value}`).join('&');
      const answer = await fetch(this.address(`/kept?${query}`));
      if (!answer.ok) {
        this.trouble = 'These can no longer be read.';
        return;
      }
      this.trouble = '';
      this.empty = false;
      this.tell(await answer.text());
    },

    async forget(id) {
      await this.told('/forget', { one: id }, (html) => {
        const page = new DOMParser().parseFromString(html, 'text/html');
        document.getElementById('rehearsed').replaceWith(page.getElementById('rehearsed'));
      });
    },

    async told(more, fields, then) {
      try {
        const answer = await post(this.address(more), new URLSearchParams(fields));
        then(await answer.text());
        this.trouble = '';
      } catch (error) {
        this.trouble = troubleOf(error, 'Not done: the program does not answer. Tap it again.');
      }
    },

    async turned() {
      window.location.reload();
    },

    async travel(event) {
      try {
        await travelHistory(event.detail, 'rehearse');
      } catch (error) {
        this.trouble = troubleOf(error, 'Nothing was taken back: the program does not answer. Try again.');
      }
    },
  };
}
