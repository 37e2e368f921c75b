import { jobPage } from '../job-page.js';

const WAITS = 'Not kept yet: the program does not answer. Tap again when it does.';

// Reading a bead: every tap is kept, and the causes are laid anew.
export function reading() {
  return {
    ...jobPage('read'),

    init() {
      this.ready();
    },

    async clicked(event) {
      const button = event.target.closest('button');
      if (!button) return;
      const { sign, try: tried, not, answer, question, value, outcome, again, forget } = button.dataset;
      if (sign) await this.tell('/sign', { sign }, WAITS);
      else if (tried) await this.tell('/try', { cause: tried }, WAITS);
      else if (not) await this.tell('/not', { cause: not }, WAITS);
      else if (answer === 'sign') await this.tell('/sign', { sign: question, there: value }, WAITS);
      else if (answer === 'told') await this.tell('/told', { question, answer: value }, WAITS);
      else if (outcome) await this.tell('/outcome', { result: outcome }, WAITS);
      else if (again) await this.tell('/again', {}, WAITS);
      else if (forget) await this.tell('/forget', {}, WAITS);
    },
  };
}
