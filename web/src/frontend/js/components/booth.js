import { showHistory, travelHistory } from '../page.js';
import { post, troubleOf } from '../requests.js';
import { strip } from '../run/strip.js';
import { closing } from '../run/closing.js';
import { coaching } from '../run/coaching.js';
import { isFoot } from '../run/foot.js';
import { listening } from '../run/listening.js';
import { sending } from '../run/sending.js';
import { by, showing } from '../run/showing.js';

const BOUNCE_MS = 250;
const TICK_MS = 100;

// The booth: the page counts between two events, the program says where the run stands at each.
export function booth() {
  const live = {
    shown: null,
    at: 0,
    drawing: null,
    events: null,
    last: -BOUNCE_MS,
    awake: null,
    read: new Map(),
    plan: null,
    waiting: 0,
    // Counts what was tapped and what was told, so that an answer which is overtaken is known.
    turns: 0,
  };

  const root = () => by('booth');

  return {
    ...showing(live),
    ...listening(live),
    ...coaching(live),
    ...sending(live),
    ...closing(live),
    trouble: '',

    init() {
      showHistory();
      if (!root()) return;
      const told = root().dataset;
      live.shown = {
        run: told.run,
        stage: told.stage,
        says: by('stage').textContent,
        leftS: Number(told.left),
        sinceS: Number(told.since),
        arcs: Number(told.arcs),
        arcS: Number(told.arc),
        nowS: Number(told.now),
        dutyLeftS: Number(told.duty),
        argonMin: Number(told.argon),
        touch: by('touch').textContent,
        marks: null,
      };
      live.at = performance.now();
      this.openOutbox();
      live.drawing = strip(by('strip'), told.planned, Number(told.top));
      this.tell();
      this.learn().then(() => this.follow(live.shown));
      this.listen();
      this.timer = setInterval(() => this.tell(), TICK_MS);
      document.addEventListener('visibilitychange', () => this.stayAwake());
      this.stayAwake();
    },

    destroy() {
      clearInterval(this.timer);
      live.events?.close();
      this.ear.stop();
    },

    address: (what) => `/jobs/${root().dataset.job}/run/${what}`,

    body(told) {
      return new URLSearchParams({ n: root().dataset.n ?? '', ...told });
    },

    async send(what, told, silent) {
      try {
        this.take(await (await post(this.address(what), this.body(told))).json());
      } catch (error) {
        this.trouble = troubleOf(error, silent);
      }
    },

    turn() {
      const now = performance.now();
      if (now - live.last < BOUNCE_MS) return;
      live.last = now;
      this.happened(this.burning() ? 'ARC_OFF' : 'ARC_ON');
    },

    foot(event) {
      if (!root() || !isFoot(event)) return;
      event.preventDefault();
      this.turn();
    },

    clicked(event) {
      const button = event.target.closest('button');
      if (!button) return;
      if (button.dataset.mark) this.happened(button.dataset.mark);
      else if (button.id === 'arc-button') this.turn();
      else if (button.id === 'stand-in')
        this.send('stand-in', { fault: by('fault').value }, 'The stand-in did not begin: the program does not answer.');
      else if (button.id === 'drop-run') this.drop();
      else if (button.id === 'coach-try') this.tryCoach();
    },

    chosen(event) {
      if (event.target.id === 'coach-level') this.heardIs();
      else if (event.target.id === 'hand') this.welderIs();
      else if (event.target.id === 'meter')
        this.send('meter', { meter: event.target.value }, 'Not taken: the program does not answer.');
    },

    async travel(event) {
      try {
        await travelHistory(event.detail, 'run');
      } catch (error) {
        this.trouble = troubleOf(error, 'Nothing was taken back: the program does not answer. Try again.');
      }
    },
  };
}
