import { catchUp, version } from './page.js';

const STEPS = /^\/jobs\/([0-9a-f-]{36})\/(sheet|panel|purge|route)$/;

// An open job page hears of changes made elsewhere, as long as it is looked at: a window behind others keeps no line open.
export function follow() {
  const [, job] = STEPS.exec(window.location.pathname) ?? [];
  if (!job) return;
  let line = null;
  const turn = () => {
    if (document.visibilityState === 'visible' && !line) {
      line = new EventSource(`/jobs/${job}/changes?seen=${encodeURIComponent(version())}`);
      line.onmessage = (event) => catchUp(JSON.parse(event.data).version);
    } else if (document.visibilityState !== 'visible' && line) {
      line.close();
      line = null;
    }
  };
  document.addEventListener('visibilitychange', turn);
  window.addEventListener('pagehide', () => line?.close());
  turn();
}
