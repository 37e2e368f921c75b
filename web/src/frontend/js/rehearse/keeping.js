// Looks for a setting by simulations, and goes through those that were kept.
import { replaceParts } from '../page.js';
import { post, troubleOf } from '../requests.js';
import { untilOver } from '../working.js';

export function keeping(reel) {
  return {
    async find() {
      try {
        const { target: field, found } = this.$refs;
        if (!field.value) field.value = field.placeholder;
        const [id] = await this.begin('/find');
        if (!id) return;
        reel.looking = id;
        this.finding = true;
        found.replaceChildren();
        const state = await untilOver(id, ({ before, share }) => {
          this.search = before
            ? `waits: ${before} before it`
            : `welding one after another: ${Math.round(100 * share)} %`;
        });
        this.finding = false;
        this.search = { DONE: '', CANCELLED: 'stopped' }[state] ?? 'this could not be calculated; try a shorter seam';
        if (state !== 'DONE') return;
        const answer = await fetch(this.address(`/found/${id}`));
        replaceParts(await answer.text(), found);
      } catch (error) {
        this.finding = false;
        this.trouble = troubleOf(error, 'The program does not answer. Tap it again.');
      }
    },

    async take({ take: knob, value, other, beside }) {
      await this.tell('/take', { knob, value, other, beside });
      if (!this.trouble) this.search = 'Now on the sheet, as your own value.';
    },

    async compare() {
      const ticked = [...this.$refs.rehearsed.querySelectorAll('[name=kept]:checked')].slice(0, 2);
      if (!ticked.length) {
        this.trouble = 'Tick one or two of them first.';
        return;
      }
      const query = ticked.map((box, at) => `${at ? 'other' : 'one'}=${box.value}`).join('&');
      const answer = await fetch(this.address(`/kept?${query}`));
      if (!answer.ok) {
        this.trouble = 'These can no longer be read.';
        return;
      }
      this.trouble = '';
      this.show(await answer.text());
    },

    async forget(id) {
      try {
        const answer = await post(this.address('/forget'), new URLSearchParams({ one: id }));
        replaceParts(await answer.text(), this.$refs.rehearsed);
        this.trouble = '';
      } catch (error) {
        this.trouble = troubleOf(error, 'Not done: the program does not answer. Tap it again.');
      }
    },
  };
}
