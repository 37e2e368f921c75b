import { formBody, lay, post, showHistory, travelHistory } from '../page.js';
import { saver } from '../saving.js';
import { backgroundOf, currentAt, dabTimes, draw, envelopeAt, segmentAt } from '../score/draw.js';
import { nudged, placeHandles, pulled, spot, typedText } from '../score/handles.js';
import { PACES, player, poolAt } from '../score/player.js';
import { GUTTER, kept, timeScale, zoomed } from '../score/scale.js';
import { tick } from '../score/ticks.js';
import { trial } from '../score/trial.js';

const TYPING_PAUSE_MS = 250;
const RETRY_MS = 3000;
const REST_S = 0.5;
const READABLE_HZ = 10;

// A pulse too fast to read is told as its peak and its background.
function currentWords(segment, t) {
  if (t > segment.t1) return '0';
  const figure = (value) => value.toFixed(value > 0 && value < 10 ? 1 : 0);
  if (!segment.beat || segment.beat[0] <= READABLE_HZ) return figure(currentAt([segment], t));
  const peak = envelopeAt(segment, t);
  return `${figure(peak)}/${figure(backgroundOf(segment.beat, peak))}`;
}

// The score at work. The server reckons; here the score is drawn, pulled, played and tried.
export function score() {
  // Kept out of Alpine's reach: it changes with every frame.
  const raw = { view: null, grabbed: null, tried: null, fresh: new Set(), asked: {} };

  return {
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
      raw.saving = saver(() => this.send());
      raw.player = player((t) => this.show(t), () => this.ended());
      raw.observer = new ResizeObserver(() => this.redraw());
      const sheet = document.getElementById('score-drawing');
      if (sheet) raw.observer.observe(sheet);
      showHistory();
      this.read();
    },

    get playWord() { return this.playing ? 'stop' : 'play'; },
    get paceWord() { return `×${this.paceAt}`; },
    get tickWord() { return this.ticking ? 'ticks' : 'silent'; },
    get tryWord() { return this.trying ? 'give up' : 'Try it'; },
    get padWord() { return { FOOT: 'hold: foot down (space)', TOUCH: 'hold: touch and lift (space)' }[raw.score?.input] ?? 'hold: trigger (space)'; },
    get valveWord() { return this.valveOpen ? 'close the valve' : 'open the valve'; },

    // --- the drawing

    read() {
      const data = document.getElementById('score-data')?.dataset.score;
      if (!data) return;
      const before = raw.score;
      raw.score = JSON.parse(data);
      raw.dabs = dabTimes(raw.score);
      const length = this.length();
      const wasWhole = !before || (raw.view.t0 === 0 && Math.abs(raw.view.t1 - before.lengthS - REST_S) < 1e-6);
      raw.view = wasWhole ? { t0: 0, t1: length } : kept(raw.view, length);
      this.byHand = raw.score.input === 'TOUCH';
      this.redraw();
      if (!this.playing && !this.trying) this.show(raw.at ?? 0);
    },

    length() {
      return raw.score.lengthS + REST_S;
    },

    size() {
      const box = document.getElementById('score-drawing').getBoundingClientRect();
      return { width: box.width, height: box.height };
    },

    redraw() {
      if (!raw.score) return;
      const begun = performance.now();
      const size = this.size();
      document.getElementById('score-lanes').innerHTML = draw(raw.score, raw.view, size, raw.tried);
      placeHandles(document.getElementById('score-handles'), raw.score, raw.view, size, raw.grabbed);
      this.cursor();
      document.getElementById('score-drawing').dataset.drawMs = (performance.now() - begun).toFixed(2);
    },

    cursor() {
      const at = raw.at;
      const lanes = document.getElementById('score-lanes');
      lanes.querySelector('.cursor')?.remove();
      if (at === undefined || at === null) return;
      const size = this.size();
      const x = timeScale(raw.view, size.width).x(at);
      if (x < GUTTER || x > size.width) return;
      lanes.insertAdjacentHTML('beforeend', `<path class="cursor" d="M${x.toFixed(1)} 18V${size.height}"/>`);
    },

    // --- zoom and pan

    look(t0, t1) {
      raw.view = kept({ t0, t1 }, this.length());
      this.redraw();
    },

    whole() { this.look(0, this.length()); },

    start() {
      const weld = raw.score.spans.find((span) => span.travels) ?? raw.score.spans[0];
      this.look(0, Math.min(this.length(), weld.t0 + Math.max(1, 0.25 * weld.t0)));
    },

    end() {
      const spans = raw.score.spans.filter((span) => span.travels);
      const last = spans[spans.length - 1] ?? raw.score.spans[0];
      const tail = this.length() - last.t1;
      this.look(last.t1 - Math.max(0.5, 0.2 * tail), this.length());
    },

    closer() { this.zoom(0.5); },
    wider() { this.zoom(2); },

    zoom(factor, around) {
      const middle = (raw.view.t0 + raw.view.t1) / 2;
      raw.view = zoomed(raw.view, around ?? middle, factor, this.length());
      this.redraw();
    },

    wheel(event) {
      const time = timeScale(raw.view, this.size().width);
      if (event.ctrlKey || event.altKey) {
        event.preventDefault();
        const box = document.getElementById('score-drawing').getBoundingClientRect();
        this.zoom(event.deltaY > 0 ? 1.25 : 0.8, time.t(event.clientX - box.left));
      } else if (Math.abs(event.deltaX) > Math.abs(event.deltaY)) {
        event.preventDefault();
        const by = event.deltaX / time.pxPerS;
        this.look(raw.view.t0 + by, raw.view.t1 + by);
      }
    },

    // --- pulling

    grab(event) {
      const handle = event.target.closest?.('.handle');
      const place = handle && raw.score.handles.find((one) => one.field === handle.dataset.field);
      raw.grabbed = place
        ? { field: place.field, place: { ...place }, x: event.clientX, y: event.clientY, at: spot(place, raw.view, this.size(), raw.score.topA) }
        : { pan: { ...raw.view }, x: event.clientX };
      raw.asked = {};
      handle?.focus();
      event.preventDefault();
    },

    pull(event) {
      const grabbed = raw.grabbed;
      if (!grabbed) return;
      if (grabbed.pan) {
        const by = (event.clientX - grabbed.x) / timeScale(raw.view, this.size().width).pxPerS;
        this.look(grabbed.pan.t0 - by, grabbed.pan.t1 - by);
        return;
      }
      const { at } = grabbed;
      const value = pulled(grabbed.place, (event.clientX - grabbed.x) / at.time.pxPerS, at.amp.a(at.y + event.clientY - grabbed.y) - at.amp.a(at.y));
      this.set(grabbed.place, value);
    },

    letGo() {
      raw.grabbed = null;
    },

    set(place, value) {
      const field = document.getElementById(place.field);
      const text = typedText(value, place);
      if (raw.asked[place.field] === text) return;
      raw.asked[place.field] = text;
      raw.fresh.add(place.field);
      field.name = place.field;
      field.value = text;
      raw.saving.run();
    },

    // --- keys, clicks, typing

    keyed(event) {
      if (this.trying && event.code === 'Space' && !event.target.matches('input, select, textarea')) {
        event.preventDefault();
        if (!event.repeat) this.touch(true);
        return;
      }
      const handle = document.activeElement?.closest?.('.handle');
      const place = handle && raw.score.handles.find((one) => one.field === handle.dataset.field);
      const value = place ? nudged(place, event.key) : null;
      if (value === null) return;
      event.preventDefault();
      place.value = value;
      this.set(place, value);
    },

    lifted(event) {
      if (this.trying && event.code === 'Space') this.touch(false);
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
      document.getElementsByName(field).forEach((input) => { input.value = ''; });
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

    refresh() { raw.saving.run(); },

    async send() {
      const form = document.getElementById('job-form');
      if (!form) return;
      raw.fresh.clear();
      try {
        const answer = await post(form.action, formBody());
        this.lay(await answer.text(), answer.headers.get('X-Job'));
        this.trouble = '';
      } catch {
        this.trouble = 'Not kept yet: the program does not answer. Your figures stay here; trying again.';
        raw.pause = setTimeout(() => raw.saving.run(), RETRY_MS);
      }
    },

    lay(html, job) {
      lay(html, job, 'score', raw.fresh);
      this.read();
    },

    async travel(event) {
      raw.asked = {};
      await travelHistory(event.detail, 'score');
      this.read();
    },

    csv() {
      const step = document.getElementById('csv-step').value.replace(/[^0-9.,eE-]/g, '');
      window.location.assign(`${window.location.pathname}.csv?step=${encodeURIComponent(step)}`);
    },

    // --- playing

    play() {
      if (this.playing) {
        raw.player.stop();
        this.playing = false;
        return;
      }
      if (this.trying) this.stop();
      raw.tried = null;
      this.verdict = [];
      this.playing = true;
      this.redraw();
      const from = (raw.at ?? 0) >= this.length() - 0.01 ? 0 : raw.at ?? 0;
      raw.player.start(from, this.length(), this.paceAt);
    },

    pace() {
      this.paceAt = PACES[(PACES.indexOf(this.paceAt) + 1) % PACES.length];
      if (this.playing) raw.player.setPace(this.paceAt);
    },

    ticks() { this.ticking = !this.ticking; },

    ended() {
      this.playing = false;
      if (this.trying) this.stop();
    },

    show(t) {
      const { score } = raw;
      const before = raw.at ?? t;
      raw.at = t;
      const segments = raw.tried ?? score.segments;
      const spans = raw.triedSpans && raw.tried ? raw.triedSpans : score.spans;
      const span = spans.find((one) => one.t1 > t);
      const segment = segmentAt(segments, t);
      const text = (id, words) => { document.getElementById(id).textContent = words; };
      text('now-time', `${t.toFixed(1)} s`);
      text('now-current', currentWords(segment, t));
      text('now-phase', span ? span.words : 'at rest');
      text('now-next', span ? span.next : 'gas shut, torch free');
      text('now-gas', span && segment.gas ? 'gas on' : 'gas shut');
      this.pool(t);
      this.cursor();
      if (this.playing && this.ticking && raw.dabs.some((dab) => dab > before && dab <= t)) tick();
    },

    // The pool of the picture grows and freezes with the score.
    pool(t) {
      const width = raw.tried ? raw.score.poolMm * Math.min(1, currentAt(raw.tried, t) / raw.score.topA) : poolAt(raw.score.pool, t);
      const share = Math.min(1.6, width / raw.score.poolMm);
      document.querySelectorAll('#pool-picture .pool').forEach((pool) => pool.setAttribute('transform', `scale(${share.toFixed(3)})`));
      document.querySelectorAll('#pool-picture .arc, #pool-picture .gas').forEach((part) => {
        const on = part.classList.contains('arc') ? currentAt(raw.tried ?? raw.score.segments, t) > 0 : segmentAt(raw.score.segments, t).gas;
        part.setAttribute('visibility', on ? 'visible' : 'hidden');
      });
    },

    // --- trying

    try() {
      if (this.trying) return this.stop();
      raw.player.stop();
      this.playing = false;
      raw.trial = trial(raw.score.input);
      raw.tried = [];
      raw.triedSpans = [];
      this.verdict = [];
      this.valveOpen = false;
      this.trying = true;
      raw.at = 0;
      this.redraw();
    },

    padDown() { this.touch(true); },
    padUp() { if (this.trying) this.touch(false); },

    touch(press) {
      if (raw.trial.touch(press, performance.now())) this.ask(false);
    },

    valve() {
      this.valveOpen = !this.valveOpen;
      raw.trial.valve(this.valveOpen, performance.now());
      this.ask(false);
    },

    away() { this.ask(true, raw.trial.now(performance.now())); },
    stop() { raw.trial.started() ? this.ask(true) : this.quit(); },

    quit() {
      raw.player.stop();
      this.trying = false;
      raw.tried = null;
      this.redraw();
    },

    async ask(over, away) {
      const asked = over ? raw.trial.touches().filter((touch) => touch.atS <= raw.trial.now(performance.now())) : raw.trial.touches();
      const body = JSON.stringify({ touches: asked, over, ...(away === undefined ? {} : { awayS: away }) });
      const base = window.location.pathname;
      try {
        const answer = await (await post(`${base}/try`, body, { 'Content-Type': 'application/json' })).json();
        raw.tried = answer.segments;
        raw.triedSpans = answer.spans;
        if (over) this.review(answer);
        else this.follow(answer);
      } catch {
        this.trouble = 'The program does not answer: this try is lost.';
        this.quit();
      }
    },

    follow(answer) {
      const now = raw.trial.now(performance.now());
      this.redraw();
      raw.player.start(now, answer.endS || now + 120, 1);
    },

    review(answer) {
      raw.player.stop();
      this.trying = false;
      this.verdict = answer.findings;
      this.welded = `welded ${answer.welded}`;
      this.redraw();
    },
  };
}
