// Plays what was simulated by the clock, so that the coach can sound with it: the picture of the moment, however slowly it is drawn.
import { ear } from '../coach/ear.js';

const SPEEDS = [1, 4, 16];
const STEP_MS = 40;

export const lastFrame = (reel) => Math.max(0, ...reel.films.map((film) => film.frames.length - 1));

// The last picture up to a time; never one before `from`.
export function frameAt(frames, s, from) {
  let at = from;
  while (at + 1 < frames.length && frames[at + 1].s <= s) at += 1;
  return at;
}

export function playing(reel) {
  const own = ear();
  const longest = () => reel.films.reduce((one, two) => (two.frames.length > one.frames.length ? two : one));

  return {
    sounding: false,

    pause() {
      clearTimeout(reel.playing);
      reel.playing = null;
      this.playName = 'Play';
      own.stop();
      reel.onPause?.();
      reel.onPause = null;
    },

    play() {
      if (reel.playing) {
        this.pause();
        return;
      }
      if (reel.frame >= lastFrame(reel)) reel.frame = 0;
      this.playName = 'Pause';
      this.goOn();
      this.step();
    },

    // Time runs on from the picture that is shown.
    goOn() {
      this.$root.ear = own;
      reel.from = { s: longest().frames[reel.frame]?.s ?? 0, at: performance.now() };
      if (this.sounding) own.play(reel.films[0].cues ?? [], reel.from.s, this.speed);
      else own.stop();
    },

    step() {
      this.draw();
      if (reel.frame >= lastFrame(reel)) {
        this.pause();
        this.draw();
        return;
      }
      reel.playing = setTimeout(() => {
        const s = reel.from.s + (this.speed * (performance.now() - reel.from.at)) / 1000;
        reel.frame = frameAt(longest().frames, s, reel.frame);
        this.step();
      }, STEP_MS);
    },

    turnSpeed() {
      this.speed = SPEEDS[(SPEEDS.indexOf(this.speed) + 1) % SPEEDS.length];
      this.speedName = `${this.speed} ×`;
      if (reel.playing) this.goOn();
    },

    async turnSound() {
      this.sounding = !this.sounding && (await own.wake());
      if (!this.sounding && !own.isAwake()) this.trouble = 'This browser plays no sound.';
      if (reel.playing) this.goOn();
    },
  };
}
