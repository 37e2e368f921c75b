// Shows where a run stands: the page counts between two events, the program says where it stands at each.
import { later, rest } from './guessing.js';
import { clockText, lasts } from './times.js';

export const by = (id) => document.getElementById(id);

export function showing(live) {
  return {
    // The screen stays on while the booth is looked at, where the browser lets it.
    async stayAwake() {
      if (document.visibilityState !== 'visible' || !navigator.wakeLock || live.awake) return;
      try {
        live.awake = await navigator.wakeLock.request('screen');
        live.awake.addEventListener('release', () => {
          live.awake = null;
        });
      } catch {
        live.awake = null;
      }
    },

    burning: () => live.shown?.stage === 'ARC',

    tell() {
      if (!live.shown || !by('booth')) return;
      const gone = (performance.now() - live.at) / 1000;
      const { stage } = live.shown;
      const counting = stage === 'POST_FLOW' || stage === 'COOLING';
      by('stage').textContent = live.shown.says;
      by('booth').dataset.stage = stage;
      by('clock').textContent = counting
        ? clockText(Math.max(0, live.shown.leftS - gone))
        : stage === 'READY'
          ? clockText(0)
          : clockText(live.shown.sinceS + gone);
      by('arc').textContent = clockText(live.shown.arcS + (stage === 'ARC' ? gone : 0));
      by('duty').textContent =
        live.shown.dutyLeftS >= 599 && stage !== 'ARC'
          ? '10:00'
          : clockText(Math.max(0, live.shown.dutyLeftS - (stage === 'ARC' ? gone : 0)));
      [by('argon').textContent, by('argon-unit').textContent] = lasts(live.shown.argonMin);
      by('touch').textContent = live.shown.touch;
      by('arc-button').textContent = stage === 'ARC' ? 'Arc out' : 'Arc on';
      if (counting && gone >= live.shown.leftS) this.goOn(gone);
      live.drawing.draw(live.shown.nowS + gone);
    },

    // A stage is over: the page goes on by itself and asks where the run stands.
    goOn(gone) {
      if (live.plan) {
        const now = later(live.shown, gone);
        live.shown = rest(now, now.sinceS, live.plan);
        live.at = performance.now();
        this.follow(live.shown);
      }
      this.look();
    },

    take(state) {
      const begun = state.run !== live.shown.run;
      live.shown = state;
      live.turns += 1;
      live.at = performance.now();
      by('close-run').disabled = by('drop-run').disabled = !state.run;
      by('simulated').hidden = !state.playing && by('simulated').hidden;
      if (state.playing) by('simulated').hidden = false;
      by('marks').replaceChildren(
        ...state.marks.map((mark) => Object.assign(document.createElement('li'), { textContent: mark })),
      );
      this.trouble = '';
      this.tell();
      this.follow(state);
      if (begun) this.listen();
    },
  };
}
