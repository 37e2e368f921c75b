// Waits for long work of the program, told now and then how far it is.
import { Refusal } from './requests.js';

const LOOK_MS = 250;
const OVER = ['DONE', 'FAILED', 'CANCELLED'];

export const isOver = (state) => OVER.includes(state);
export const rest = (ms) =>
  new Promise((go) => {
    setTimeout(go, ms);
  });

export function cancel(id) {
  return fetch(`/api/v1/work/${id}`, { method: 'DELETE' });
}

// How it ended; what has been forgotten meanwhile ends as a refusal.
export async function untilOver(id, tell) {
  for (;;) {
    await rest(LOOK_MS);
    const answer = await fetch(`/api/v1/work/${id}`);
    if (!answer.ok) throw new Refusal(answer.status, 'The program has been started afresh meanwhile. Tap it again.');
    const told = await answer.json();
    if (isOver(told.state)) return told.state;
    tell(told);
  }
}
