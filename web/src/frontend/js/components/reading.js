import { lay, showHistory, travelHistory } from '../page.js';
import { post, troubleOf } from '../requests.js';

// Reading a bead: every tap is kept, and the causes are laid anew.
export function reading() {
  return {
    trouble: '',

    init() {
      showHistory();
    },

    async clicked(event) {
      const button = event.target.closest('button');
      if (!button) return;
      const { sign, try: tried, not, answer, question, value, outcome, again, forget } = button.dataset;
      if (sign) await this.send('sign', { sign });
      else if (tried) await this.send('try', { cause: tried });
      else if (not) await this.send('not', { cause: not });
      else if (answer === 'sign') await this.send('sign', { sign: question, there: value });
      else if (answer === 'told') await this.send('told', { question, answer: value });
      else if (outcome) await this.send('outcome', { result: outcome });
      else if (again) await this.send('again', {});
      else if (forget) await this.send('forget', {});
    },

    async send(what, told) {
      try {
        const address = `${document.getElementById('job-form').getAttribute('action')}/${what}`;
        const answer = await post(address, new URLSearchParams(told));
        lay(await answer.text(), null, 'read');
        this.trouble = '';
      } catch (error) {
        this.trouble = troubleOf(error, 'Not kept yet: the program does not answer. Tap again when it does.');
      }
    },

    async travel(event) {
      try {
        await travelHistory(event.detail, 'read');
      } catch (error) {
        this.trouble = troubleOf(error, 'Nothing was taken back: the program does not answer. Try again.');
      }
    },
  };
}
