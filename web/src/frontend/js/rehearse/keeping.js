// Looks for a setting by simulations, and goes through those that were kept.
import { lay } from '../page.js';
import { post, troubleOf } from '../requests.js';
import { untilOver } from '../working.js';

export function keeping(reel) {
  return {
    async find() {
      try {
        const field = document.getElementById('targetMm');
        if (!field.value) field.value = field.placeholder;
        const [id] = await this.begin('/find');
        if (!id) return;
        reel.looking = id;
        this.finding = true;
        document.getElementById('found').replaceChildren();
        const state = await untilOver(id, ({ before, share }) => {
          this.search = before
            ? `waits: ${before} before it`
            : `welding one after another: ${Math.round(100 * share)} %`;
        });
        this.finding = false;
        this.search = { DONE: '', CANCELLED: 'stopped' }[state] ?? 'this could not be calculated; try a shorter seam';
        if (state !== 'DONE') return;
        const answer = await fetch(this.address(`/found/${id}`));
        const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
        document.getElementById('found').replaceWith(page.getElementById('found'));
      } catch (error) {
        this.finding = false;
        this.trouble = troubleOf(error, 'The program does not answer. Tap it again.');
      }
    },

    async take(knob, value) {
      const version = document.querySelector('#job-form [name=version]').value;
      await this.told('/take', { knob, value, version }, (html) => {
        lay(html, null, 'rehearse');
        this.search = 'Now on the sheet, as your own value.';
      });
    },

    async compare() {
      const ticked = [...document.querySelectorAll('#rehearsed [name=kept]:checked')].slice(0, 2);
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
      this.empty = false;
      this.tell(await answer.text());
    },

    async forget(id) {
      await this.told('/forget', { one: id }, (html) => {
        const page = new DOMParser().parseFromString(html, 'text/html');
        document.getElementById('rehearsed').replaceWith(page.getElementById('rehearsed'));
      });
    },

    async told(more, fields, then) {
      try {
        const answer = await post(this.address(more), new URLSearchParams(fields));
        then(await answer.text());
        this.trouble = '';
      } catch (error) {
        this.trouble = troubleOf(error, 'Not done: the program does not answer. Tap it again.');
      }
    },
  };
}
