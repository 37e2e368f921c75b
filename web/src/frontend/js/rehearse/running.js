// Runs a weld on simulated metal: begun, followed while it forms, stopped, kept.
import { formBody, replaceParts, version } from '../page.js';
import { post, troubleOf } from '../requests.js';
import { cancel, isOver, rest } from '../working.js';
import { bytes, laidOut } from './paint.js';

const POLL_MS = 120;
const FIRST_MS = 30;

const signed = (text) => (Number(text) > 0 ? `+${Number(text)}` : text.replace('-', '−'));

const decoded = (frame) => ({
  ...frame,
  front: bytes(frame.front),
  back: bytes(frame.back),
  section: bytes(frame.section),
});

export function running(reel) {
  return {
    // What was begun, or the words why it was not.
    async begin(more, fields = {}) {
      const body = formBody();
      Object.entries(fields).forEach(([name, value]) => value && body.set(name, value));
      body.set('version', version());
      reel.sent = body.toString();
      const told = await (await post(this.address(more), body)).json();
      this.trouble = told.problems.join(' ');
      return told.ids;
    },

    // The weld as the form says; or one that was kept, once more; or an exhibit. What was not asked for by the form is not kept.
    async run({ again, exhibit, unasked } = {}) {
      if (this.running) await this.stop();
      const number = (reel.started += 1);
      try {
        const begun = await this.begin(again ? '/again' : exhibit ? '/exhibit' : '/run', { one: again, exhibit });
        // Another was asked for meanwhile: it alone is shown.
        if (number !== reel.started) return;
        if (!begun.length) return;
        reel.ids = begun;
        const { told } = this.$refs;
        reel.films = reel.ids.map(() => ({
          layout: null,
          frames: [],
          beads: [],
          state: 'WAITING',
          share: 0,
          before: 0,
          drawn: 0,
        }));
        this.running = true;
        this.done = false;
        this.shown = true;
        this.flatShown = !this.solid;
        this.two = reel.ids.length > 1;
        this.nameOne = exhibit ? 'As it should be' : 'As on the sheet';
        this.nameTwo = this.two ? (exhibit ? this.exhibitName(exhibit) : this.changeName()) : '';
        this.pause();
        reel.frame = 0;
        reel.cursor = null;
        told.replaceChildren();
        await Promise.all(reel.ids.map((id, at) => this.follow(id, at, number)));
        if (number !== reel.started) return;
        this.running = false;
        reel.frame = Math.max(0, ...reel.films.map((film) => film.frames.length - 1));
        this.draw();
        if (!again && reel.films.every((film) => film.state === 'DONE')) {
          await (unasked || exhibit ? this.told(number) : this.keep(number));
        }
      } catch (error) {
        this.running = false;
        if (unasked) return;
        this.trouble = troubleOf(error, 'The program does not answer. Tap it again.');
      }
    },

    changeName() {
      const { change, amount } = this.$refs;
      return change.selectedOptions[0].textContent + (this.amounts ? ` ${signed(amount.value || '10')} %` : '');
    },

    exhibitName(exhibit) {
      return this.$root.querySelector(`[data-exhibit=${exhibit}]`).textContent;
    },

    async follow(id, at, number) {
      while (number === reel.started) {
        const film = reel.films[at];
        const answer = await fetch(this.address(`/film/${id}?from=${film.frames.length}&drawn=${film.drawn}`));
        if (number !== reel.started) return;
        if (!answer.ok) {
          film.state = 'CANCELLED';
          return;
        }
        const told = await answer.json();
        Object.assign(film, {
          layout: laidOut(told.layout),
          state: told.state,
          share: told.share,
          before: told.before,
          stepC: told.stepC,
          family: told.family,
          cues: told.cues ?? film.cues,
          places: told.places,
          faceWords: told.faceWords,
          backWords: told.backWords,
        });
        this.solidPart(film, told);
        film.frames.push(...told.frames.map(decoded));
        film.beads = told.beads.map(bytes);
        reel.frame = Math.max(0, Math.min(...reel.films.map((one) => one.frames.length - 1)));
        this.standFilms();
        this.draw();
        if (isOver(told.state) && (!told.frames.length || told.beads.length)) return;
        await rest(film.frames.length ? POLL_MS : FIRST_MS);
      }
    },

    async stop() {
      reel.started += 1;
      this.running = false;
      await Promise.all(reel.ids.map((id) => cancel(id)));
      reel.films.forEach((film) => Object.assign(film, { state: film.state === 'DONE' ? 'DONE' : 'CANCELLED' }));
      this.draw();
    },

    async keep(number) {
      const body = new URLSearchParams(reel.sent);
      reel.ids.forEach((id, at) => body.set(at ? 'other' : 'one', id));
      const answer = await post(this.address('/keep'), body);
      if (number !== reel.started) return;
      this.done = true;
      this.show(await answer.text());
      this.draw();
    },

    // What came of one that is not kept.
    async told(number) {
      const query = new URLSearchParams(reel.sent);
      reel.ids.forEach((id, at) => query.set(at ? 'other' : 'one', id));
      const answer = await fetch(this.address(`/told?${query}`));
      if (number !== reel.started) return;
      this.done = true;
      if (answer.ok) this.show(await answer.text());
      this.draw();
    },

    // What came of a weld, and the list of those that are kept.
    show(html) {
      replaceParts(html, this.$refs.rehearsed, this.$refs.told);
    },
  };
}
