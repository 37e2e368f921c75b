import { replaceParts } from '../page.js';
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
        replaceParts(await (await fetch(`/reference/proof/${id}`)).text(), this.$refs.lines);
        this.says = '';
      } catch (error) {
        this.says = troubleOf(error, 'The program does not answer. Tap it again.');
      }
    },
  };
}
