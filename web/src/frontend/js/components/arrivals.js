import Alpine from '../morph.js';

const LEAST_MS = 1000;

// What arrives from meters, shown anew at most once a second for as long as the page is looked at.
export function arrivals() {
  let line = null;
  let shown = 0;
  let due = null;

  async function show(board) {
    due = null;
    shown = Date.now();
    try {
      const answer = await fetch('/shop/meters/arrivals');
      if (answer.ok) Alpine.morph(board, await answer.text());
    } catch {
      // Nothing answers: what was shown last stays.
    }
  }

  return {
    init() {
      const board = this.$el.querySelector('#arrivals');
      const turn = () => {
        line?.close();
        line = null;
        if (document.visibilityState !== 'visible') return;
        line = new EventSource('/shop/meters/changes');
        line.onmessage = () => {
          due ??= setTimeout(() => show(board), Math.max(0, shown + LEAST_MS - Date.now()));
        };
      };
      document.addEventListener('visibilitychange', turn);
      window.addEventListener('pagehide', () => line?.close());
      turn();
    },
  };
}
