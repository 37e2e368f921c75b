import { post, troubleOf } from '../requests.js';
import { trial } from './trial.js';

// A hand's own try: what it does is sent, what the machine makes of it is drawn.
export function trying(raw) {
  return {
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

    padDown() {
      this.touch(true);
    },
    padUp() {
      if (this.trying) this.touch(false);
    },

    touch(press) {
      if (raw.trial.touch(press, performance.now())) this.ask(false);
    },

    valve() {
      this.valveOpen = !this.valveOpen;
      raw.trial.valve(this.valveOpen, performance.now());
      this.ask(false);
    },

    away() {
      this.ask(true, raw.trial.now(performance.now()));
    },
    stop() {
      raw.trial.started() ? this.ask(true) : this.quit();
    },

    quit() {
      raw.player.stop();
      this.trying = false;
      raw.tried = null;
      this.redraw();
    },

    async ask(over, away) {
      const asked = over
        ? raw.trial.touches().filter((touch) => touch.atS <= raw.trial.now(performance.now()))
        : raw.trial.touches();
      const body = JSON.stringify({ touches: asked, over, ...(away === undefined ? {} : { awayS: away }) });
      const base = window.location.pathname;
      try {
        const answer = await (await post(`${base}/try`, body, { 'Content-Type': 'application/json' })).json();
        raw.tried = answer.segments;
        raw.triedSpans = answer.spans;
        if (over) this.review(answer);
        else this.follow(answer);
      } catch (error) {
        this.trouble = troubleOf(error, 'The program does not answer: this try is lost.');
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
