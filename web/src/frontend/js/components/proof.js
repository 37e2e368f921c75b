import { post, troubleOf } from '../page.js';

const POLL_MS = 250;

// Runs the plate solver against closed solutions and shows how far off it is.
export function proof() {
  return {
    says: '',

    async run() {
      try {
        const { id } = await (await post('/reference/proof', new URLSearchParams())).json();
        let told;
        do {
          await new Promise((go) => { setTimeout(go, POLL_MS); });
          told = await (await fetch(`/api/v1/work/${id}`)).json();
          this.says = `${Math.round(100 * told.share)} %`;
        } while (!['DONE', 'FAILED', 'CANCELLED'].includes(told.state));
        const page = new DOMParser().parseFromString(await (await fetch(`/reference/proof/${id}`)).text(), 'text/html');
        document.getElementById('proof-lines').replaceWith(page.getElementById('proof-lines'));
        this.says = '';
      } catch (error) {
        this.says = troubleOf(error, 'The program does not answer. Tap it again.');
      }
    },
  };
}
