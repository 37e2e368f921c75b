// Shows what was simulated: drawn, played, scrubbed, pointed at, taken as a picture.
import { paint, shareAt } from './paint.js';
import { lastFrame, playing } from './playing.js';

const CURSOR_STEP = 0.02;

export function watching(reel) {
  const last = () => lastFrame(reel);

  return {
    ...playing(reel),

    draw() {
      if (!reel.films.length || !this.shown) return;
      if (this.solid) this.drawSolid();
      else
        requestAnimationFrame(() =>
          reel.films.forEach((film, at) => paint(this.canvases()[at], film, reel.frame, reel.cursor)),
        );
      const { scrub } = this.$refs;
      scrub.max = String(last());
      scrub.value = String(reel.frame);
      this.saysOne = this.says(reel.films[0]);
      this.saysTwo = reel.films[1] ? this.says(reel.films[1]) : '';
      const now = reel.films[0].frames[Math.min(reel.frame, reel.films[0].frames.length - 1)];
      this.clock = now ? `${now.s.toFixed(1)} s` : '0.0 s';
      const drawn = this.solid ? [this.$refs.weld] : this.canvases();
      drawn.slice(0, reel.films.length).forEach((canvas, at) => {
        const film = reel.films[at];
        canvas.setAttribute('aria-label', `${canvas.dataset.shows}, at ${this.clock}: ${this.says(film)}`);
      });
      this.legend = this.differs
        ? 'Orange: wider or hotter than the other. Blue: narrower or colder.'
        : this.legendOf(reel.films[0].family);
      const state = this.running ? 'running' : 'over';
      if (state !== reel.lastSpoken) {
        reel.lastSpoken = state;
        this.spoken = this.running
          ? 'The simulation is running.'
          : `The simulation has ended. ${this.saysOne}. ${this.saysTwo}`;
      }
    },

    says(film) {
      if (film.state === 'CANCELLED') return 'stopped';
      if (film.state === 'FAILED') return 'this could not be calculated; try another detail';
      if (!film.frames.length) return film.before ? `waiting: ${film.before} before this one` : 'starting';
      const now = film.frames[Math.min(reel.frame, film.frames.length - 1)];
      return `${now.said}${this.running && film.state !== 'DONE' ? ` · ${Math.round(100 * film.share)} %` : ''}`;
    },

    legendOf(family) {
      const tint =
        family === 'STAINLESS' || family === 'TITANIUM'
          ? ' Tint: straw, bronze, purple, blue, grey as the hot metal meets the air.'
          : '';
      return `Yellow: molten now. Red: glowing. Grey: bead, once molten.${tint}`;
    },

    scrubbed(event) {
      this.pause();
      reel.frame = Number(event.target.value);
      this.draw();
    },

    point(event) {
      const share = shareAt(event.target, event.clientX);
      this.aim(share >= 0 && share <= 1 ? share : null);
    },

    leave() {
      this.aim(null);
    },

    aim(share) {
      reel.cursor = share;
      this.draw();
    },

    walk(event) {
      if (!['ArrowLeft', 'ArrowRight'].includes(event.key)) return;
      event.preventDefault();
      const from = reel.cursor ?? 0.5;
      this.aim(Math.max(0, Math.min(0.999, from + (event.key === 'ArrowRight' ? CURSOR_STEP : -CURSOR_STEP))));
    },

    picture() {
      if (this.solid) {
        this.still();
        return;
      }
      reel.frame = last();
      reel.cursor = null;
      this.draw();
      requestAnimationFrame(() =>
        requestAnimationFrame(() => {
          const link = document.createElement('a');
          link.href = this.$refs.one.toDataURL('image/png');
          link.download = 'bead.png';
          link.click();
        }),
      );
    },
  };
}
