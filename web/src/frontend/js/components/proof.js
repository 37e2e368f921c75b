import { post, troubleOf } from '../requests.js';
import { untilOver } from '../working.js';

// Runs the plate solver against closed solutions and shows how far off it is.
export function proof() {
  return {
    says: '',

    async run() {
      try {
        const { id } = await (await post('/reference/proof', new URLSearchParams())).json();
        await untilOver(id, ({ share }) => {
          this.says = `${Math.round(100 * share)} %`;
        });
        const page = new DOMParser().parseFromString(await (await fetch(`/reference/proof/${id}`)).text(), 'text/html');
        document.getElementById('proof-lines').replaceWith(page.getElementById('proof-lines'));
        this.says = '';
      } catch (error) {
        this.says = troubleOf(error, 'The program does not answer. Tap it again.');
      }
    },
  };
}
