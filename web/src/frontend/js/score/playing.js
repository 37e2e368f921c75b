import { backgroundOf, currentAt, envelopeAt, segmentAt } from './draw.js';
import { PACES, poolAt } from './player.js';

const READABLE_HZ = 10;

// A pulse too fast to read is told as its peak and its background.
function currentWords(segment, t) {
  if (t > segment.t1) return '0';
  const figure = (value) => value.toFixed(value > 0 && value < 10 ? 1 : 0);
  if (!segment.beat || segment.beat[0] <= READABLE_HZ) return figure(currentAt([segment], t));
  const peak = envelopeAt(segment, t);
  return `${figure(peak)}/${figure(backgroundOf(segment.beat, peak))}`;
}

const show = (part, on) => part.setAttribute('visibility', on ? 'visible' : 'hidden');

// Plays the score: cursor, figures of the moment, pool.
export function playing(raw) {
  return {
    play() {
      if (this.playing) {
        raw.player.stop();
        this.playing = false;
        this.sound();
        return;
      }
      if (this.trying) this.stop();
      raw.tried = null;
      this.verdict = [];
      this.playing = true;
      this.redraw();
      const from = (raw.at ?? 0) >= this.length() - 0.01 ? 0 : (raw.at ?? 0);
      raw.player.start(from, this.length(), this.paceAt);
      raw.at = from;
      this.sound();
    },

    pace() {
      this.paceAt = PACES[(PACES.indexOf(this.paceAt) + 1) % PACES.length];
      if (this.playing) raw.player.setPace(this.paceAt);
      this.sound();
    },

    async ticks() {
      this.ticking = !this.ticking;
      if (this.ticking && !(await raw.ear.wake())) {
        this.ticking = false;
        this.trouble = 'This browser plays no sound.';
      }
      this.sound();
    },

    // The coach plays along, from where the cursor stands.
    sound() {
      if (this.playing && this.ticking) raw.ear.play(raw.score.cues, raw.at ?? 0, this.paceAt);
      else raw.ear.stop();
    },

    ended() {
      this.playing = false;
      this.sound();
      if (this.trying) this.stop();
    },

    show(t) {
      const { score } = raw;
      raw.at = t;
      const segments = raw.tried ?? score.segments;
      const spans = raw.triedSpans && raw.tried ? raw.triedSpans : score.spans;
      const span = spans.find((one) => one.t1 > t);
      const segment = segmentAt(segments, t);
      const { time, current, phase, next, gas } = this.$refs;
      time.textContent = `${t.toFixed(1)} s`;
      current.textContent = currentWords(segment, t);
      phase.textContent = span ? span.words : 'At rest';
      next.textContent = span ? span.next : 'gas shut, torch free';
      gas.textContent = span && segment.gas ? 'gas on' : 'gas shut';
      this.pool(t);
      this.cursor();
    },

    // The pool of the picture grows and freezes with the score.
    pool(t) {
      const width = raw.tried
        ? raw.score.poolMm * Math.min(1, currentAt(raw.tried, t) / raw.score.topA)
        : poolAt(raw.score.pool, t);
      const share = Math.min(1.6, width / raw.score.poolMm);
      const shown = {
        pool: (part) => part.setAttribute('transform', `scale(${share.toFixed(3)})`),
        arc: (part) => show(part, currentAt(raw.tried ?? raw.score.segments, t) > 0),
        gas: (part) => show(part, segmentAt(raw.score.segments, t).gas),
      };
      this.$refs.picture?.querySelectorAll('.pool, .arc, .gas').forEach((part) => {
        Object.keys(shown)
          .filter((name) => part.classList.contains(name))
          .forEach((name) => shown[name](part));
      });
    },
  };
}
