// The coach of the booth: counts from the strike and from the end of the arc; what meters show is said as it comes.
import { SILENT, keepLevel, levelOf } from '../coach/choice.js';
import { ear } from '../coach/ear.js';
import { heardLog } from '../coach/heard.js';
import { by } from './showing.js';

const TRY_EVERY_S = 1.8;
const SHOWN_MS = 6000;

// The cues of a stage of a run, counted so that `nowS` of their own time is now; none where the stage has none.
export function due(plan, state) {
  const burning = state.stage === 'ARC';
  if (!burning && !['POST_FLOW', 'COOLING'].includes(state.stage)) return null;
  const nowS = state.sinceS + (burning ? plan.strikeS : plan.outS);
  const of = (cue) => (burning ? cue.s > plan.strikeS && cue.s < plan.outS : cue.s >= plan.outS);
  return { nowS, cues: plan.cues.filter(of) };
}

// Counts from the same moment: a page that only hears the same again goes on as it is.
export function isSame(before, state) {
  if (!before || before.arcs !== state.arcs || before.stage !== state.stage) return false;
  return before.run === state.run || !before.run;
}

export function coaching(live) {
  const own = ear(sounded);
  const log = heardLog(by('booth')?.dataset.job);
  let plan = null;
  let before = null;
  let clear = 0;

  // A cue has sounded: written for who looks, and noted for the run.
  function sounded(cue) {
    if (cue.kind !== 'DAB') shown(cue.words);
    if (!cue.trial) log.note(live.shown.run, level(), cue.kind, live.shown.nowS + (performance.now() - live.at) / 1000);
  }

  function shown(words) {
    const line = by('coach-said');
    if (!line) return;
    line.textContent = words;
    clearTimeout(clear);
    clear = setTimeout(() => {
      line.textContent = '';
    }, SHOWN_MS);
  }

  const level = () => by('coach-level')?.value ?? SILENT;
  const hears = (cue) => plan.kinds.some((kind) => kind.kind === cue.kind && kind.levels.includes(level()));

  return {
    ear: own,
    heard: log,

    // What is known of the run before the arc, for when nothing answers.
    async learn() {
      by('booth').ear = own;
      const answer = await fetch(`${this.address('plan')}?${this.body({})}`).catch(() => null);
      plan = answer?.ok ? await answer.json() : null;
      live.plan = plan;
      this.welderIs();
      by('booth').addEventListener('pointerup', () => this.touched());
      by('booth').addEventListener('keyup', () => this.touched());
    },

    // A browser plays nothing until the page is touched.
    async touched() {
      if (level() === SILENT || own.isAwake() || !(await own.wake())) return;
      by('coach-mute').hidden = true;
      before = null;
      this.follow(live.shown);
    },

    // The welder's own choice.
    welderIs() {
      if (!by('coach-level')) return;
      by('coach-level').value = levelOf(by('hand').value);
      before = null;
    },

    async heardIs() {
      keepLevel(by('hand').value, level());
      before = null;
      const sounds = level() === SILENT || (await own.wake());
      by('coach-mute').hidden = sounds;
      if (level() === SILENT) own.stop();
    },

    // A run has gone on.
    follow(state) {
      if (!plan || level() === SILENT || isSame(before, state)) return;
      before = state;
      const next = due(plan, state);
      if (next) own.play(next.cues.filter(hears), next.nowS);
      else own.stop();
    },

    warned(cues) {
      if (!plan || level() === SILENT) return;
      cues.filter(hears).forEach((cue) => (own.isAwake() ? own.warn(cue) : shown(cue.words)));
    },

    // Each sound once, with its name.
    async tryCoach() {
      by('coach-mute').hidden = await own.wake();
      const kinds = plan?.kinds ?? [];
      own.play(
        kinds.map(({ kind, name }, i) => ({ s: i * TRY_EVERY_S, kind, urgency: 'SOON', words: name, trial: true })),
        0,
      );
    },
  };
}
