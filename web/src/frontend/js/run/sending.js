// What happens at the booth, on its way to the program.
import { Refusal, post } from '../requests.js';
import { guess, later } from './guessing.js';
import { openStore, outbox } from './outbox.js';
import { by } from './showing.js';

const GONE = new Set([400, 404, 410]);

export function sending(live) {
  const job = () => by('booth')?.dataset.job;

  return {
    openOutbox() {
      live.outbox = outbox({
        store: openStore(),
        send: (event, ago) => this.sendEvent(event, ago),
        after: (waiting, event, answer) => this.sent(waiting, event, answer),
      });
      live.outbox.post();
    },

    // It shows at once and is kept here; the program says where the run stands when it answers.
    happened(kind) {
      const now = performance.now();
      if (live.plan) {
        live.shown = guess(later(live.shown, (now - live.at) / 1000), kind, live.plan);
        live.at = now;
        this.tell();
        this.follow(live.shown);
      }
      live.turns += 1;
      live.waiting += 1;
      by('booth').dataset.waiting = live.waiting;
      return live.outbox.happened({ job: job(), n: by('booth').dataset.n ?? '', kind });
    },

    async sendEvent({ job: of, n, kind, key }, ago) {
      try {
        const body = new URLSearchParams({ n, kind, key, ago: ago.toFixed(3) });
        return { state: await (await post(`/jobs/${of}/run/event`, body)).json() };
      } catch (error) {
        if (error instanceof Refusal && GONE.has(error.status)) return { refused: true };
        if (error.said) this.trouble = error.said;
        throw error;
      }
    },

    // After each that was sent or could not be.
    sent(waiting, event, answer) {
      live.waiting = waiting;
      if (!job()) return;
      by('booth').dataset.waiting = waiting;
      by('unsent').hidden = !waiting;
      by('unsent-count').textContent = String(waiting);
      if (answer?.refused) this.trouble = 'This job is no longer there: what happened cannot be kept.';
      else if (answer && !waiting && event.job === job()) this.take(answer.state);
    },
  };
}
