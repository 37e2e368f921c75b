// Shows the weld in three dimensions where the browser can: the joint at once, the bead as it is simulated, looked at from any side.
import { formBody } from '../page.js';
import { surface } from '../weld-view/decode.js';

const RULES = { metric: [1, 2, 5, 10, 20, 50, 100], inch: [1.5875, 3.175, 6.35, 12.7, 25.4, 50.8, 101.6] };
const RULE_NAMES = {
  1.5875: '1/16 in',
  3.175: '1/8 in',
  6.35: '1/4 in',
  12.7: '1/2 in',
  25.4: '1 in',
  50.8: '2 in',
  101.6: '4 in',
};
const RULE_PIXELS = 150;
const LOOKS = { s: 'side', a: 'seam', k: 'back', c: 'section', w: 'whole' };
const TURN = 0.12;
const SHIFT = 0.06;
const NEARER = 1.12;
const ASK_MS = 90;
const FILM_FPS = 25;

// Asked for as soon as the page's script runs: it is large, and the joint waits for it.
const drawing = typeof WebGL2RenderingContext === 'undefined' ? null : import('../weld-view/stage.js');

export function looking(reel) {
  let stage = null;
  let scene = null;
  let due = false;
  let asked = 0;
  let marked = false;

  return {
    solid: false,
    flatShown: false,
    helmeted: false,
    cuts: false,
    differs: false,
    films: false,
    filming: false,
    filmName: 'Film (WebM)',
    look: 'side',
    ruleWords: '',
    pointWords: '',

    // The joint as it stands, before anything is simulated; one that takes no more than a few seconds is begun unasked.
    async fitUp() {
      if (!drawing || !this.$refs.weld) return;
      const [{ Stage }, told] = await Promise.all([drawing, this.askScene()]);
      if (!told.scene) return;
      scene = told.scene;
      try {
        stage = new Stage(this.$refs.weld);
      } catch {
        // The browser knows the way to draw but has nothing to draw with: the plates are drawn flat.
        return;
      }
      this.solid = true;
      stage.onMoved = () => this.redraw();
      this.$refs.weld.stage = stage;
      this.films = typeof MediaRecorder !== 'undefined' && MediaRecorder.isTypeSupported('video/webm');
      this.$refs.shade.value = String(Math.round(scene.shade));
      this.$nextTick(() => {
        stage.resize();
        stage.stand([scene]);
        this.drawSolid();
        const still = matchMedia('(prefers-reduced-motion: reduce)').matches;
        if (told.soon && !still && !reel.films.length) this.run({ unasked: true });
      });
    },

    async askScene() {
      const answer = await fetch(this.address(`/scene?${formBody()}`)).catch(() => null);
      return answer?.ok ? answer.json() : { problems: [], scene: null, soon: false };
    },

    // Stands the joint anew where what was typed changes it and nothing is shown yet.
    async fitAgain() {
      if (!stage || reel.films.length) return;
      const told = await this.askScene();
      if (!told.scene || reel.films.length) return;
      scene = told.scene;
      stage.stand([scene]);
      this.drawSolid();
    },

    // Films have begun: their joints stand there now.
    standFilms() {
      if (!stage || !reel.films.every((film) => film.scene)) return;
      if (reel.stood === reel.started) return;
      reel.stood = reel.started;
      stage.stand(reel.films.map((film) => film.scene));
      stage.resize();
      stage.lookFrom(this.look);
    },

    // Takes what the server said of a film for the picture.
    solidPart(film, told) {
      if (told.scene) film.scene = told.scene;
      if (told.surface) film.surface = surface(told.surface);
      film.drawn = told.surfaces;
    },

    // Draws soon, however often it is asked.
    drawSolid() {
      if (!stage || due) return;
      due = true;
      requestAnimationFrame(() => {
        due = false;
        stage.moving = this.running || Boolean(reel.playing);
        stage.resize();
        stage.lay(reel.films.map((film) => this.moment(film)));
        this.redraw();
      });
    },

    moment(film) {
      const at = Math.min(reel.frame, film.frames.length - 1);
      const frame = film.frames[at];
      if (!frame) return undefined;
      const lifted = at === film.frames.length - 1 && film.state === 'DONE';
      return { film, frame, s: frame.s, x: frame.x, burns: frame.burns, lifted };
    },

    // The same once more from where one looks now.
    redraw() {
      stage.render();
      if (!marked) performance.mark('joint-shown');
      marked = true;
      const scale = stage.mmPerPixel();
      const rules = RULES[document.documentElement.dataset.units] ?? RULES.metric;
      const mm = rules.filter((one) => one / scale <= RULE_PIXELS).pop() ?? rules[0];
      this.$refs.rule.style.width = `${mm / scale}px`;
      this.ruleWords = RULE_NAMES[mm] ?? `${mm} mm`;
    },

    looksFrom() {
      return String(this.$el.dataset.look === this.look);
    },

    lookFrom(name) {
      if (!stage) return;
      this.look = name;
      this.cuts = name === 'section';
      stage.sectionX = this.cuts ? this.cutMm() : null;
      stage.lay(reel.films.map((film) => this.moment(film)));
      stage.lookFrom(name);
      this.redraw();
    },

    cutMm() {
      const standing = reel.films[0]?.scene ?? scene;
      return (Number(this.$refs.cut.value) / 1000) * standing.lengthMm;
    },

    cutMoved() {
      if (!stage) return;
      stage.sectionX = this.cutMm();
      stage.cutThrough();
      stage.lookFrom('section');
      this.redraw();
    },

    helmet() {
      if (!stage) return;
      this.helmeted = !this.helmeted;
      this.shaded();
    },

    shaded() {
      const shade = Number(this.$refs.shade.value) || scene.shade;
      stage.helmet(this.helmeted ? shade : null, scene.shade);
      this.drawSolid();
    },

    turnDiffers() {
      if (!stage || !this.two) return;
      this.differs = !this.differs;
      stage.differs = this.differs;
      this.draw();
    },

    // By keys as by hand: arrows turn, with shift they move the picture, plus and minus go nearer and away.
    turnedByKey(event) {
      if (!stage) return;
      const way = { ArrowLeft: [1, 0], ArrowRight: [-1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
      const zoom = { '+': 1 / NEARER, '=': 1 / NEARER, '-': NEARER }[event.key];
      if (!way && !zoom) return;
      event.preventDefault();
      if (way && event.shiftKey) stage.shift(way.map((step) => -SHIFT * step));
      else
        stage.turn(
          (way ?? [0, 0]).map((step) => TURN * step),
          zoom ?? 1,
        );
    },

    lookByKey(key) {
      if (LOOKS[key]) this.lookFrom(LOOKS[key]);
      else if (key === 'e') this.helmet();
      else if (key === 'd') this.turnDiffers();
    },

    // What lies under the hand is asked of the server.
    async pointed(event) {
      if (!stage || !reel.films.length || event.buttons > 1) return;
      const now = Date.now();
      if (now - asked < ASK_MS) return;
      asked = now;
      const seen = stage.pick(event.clientX, event.clientY);
      if (!seen) {
        this.pointWords = '';
        return;
      }
      const { part, face, xMm, placeMm } = seen;
      const query = new URLSearchParams({ face, xMm: xMm.toFixed(2), placeMm: placeMm.toFixed(3) });
      const answer = await fetch(this.address(`/film/${reel.ids[part]}/place?${query}`)).catch(() => null);
      if (answer?.ok) this.pointWords = (await answer.json()).words;
    },

    unpointed() {
      this.pointWords = '';
    },

    still() {
      const link = document.createElement('a');
      link.href = stage.picture();
      link.download = 'weld.png';
      link.click();
      this.redraw();
    },

    // Plays the run from its start and takes it down as a film, to its end or until it is paused.
    async film() {
      if (!stage || this.filming) return;
      this.filming = true;
      this.filmName = 'Filming…';
      const recorder = new MediaRecorder(this.$refs.weld.captureStream(FILM_FPS), { mimeType: 'video/webm' });
      const parts = [];
      recorder.ondataavailable = (event) => parts.push(event.data);
      recorder.onstop = () => {
        const link = document.createElement('a');
        link.href = URL.createObjectURL(new Blob(parts, { type: 'video/webm' }));
        link.download = 'weld.webm';
        link.click();
        setTimeout(() => URL.revokeObjectURL(link.href), 1000);
        this.filming = false;
        this.filmName = 'Film (WebM)';
      };
      this.pause();
      reel.frame = 0;
      recorder.start();
      this.play();
      reel.onPause = () => recorder.stop();
    },
  };
}
