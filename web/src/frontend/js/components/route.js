import { showHeat } from '../heat-left.js';
import { saver } from '../saving.js';
import { formBody, lay, showHistory, tellSaving, travelHistory } from '../page.js';
import { post, troubleOf } from '../requests.js';

const TYPING_PAUSE_MS = 350;
const RETRY_MS = 3000;

// The way through a job: how much there is to weld, and runs moved in their order.
export function route() {
  let saving = null;
  let pause = null;
  let held = null;

  return {
    trouble: '',
    heatSaid: '',

    init() {
      saving = saver(() => this.send(), tellSaving);
      showHistory();
      this.warm();
    },

    typed(event) {
      if (!event.target.matches('input[type=text][name]')) return;
      clearTimeout(pause);
      pause = setTimeout(() => saving.run(), TYPING_PAUSE_MS);
    },

    warm() {
      this.heatSaid = showHeat(Number(this.$refs.heat?.value ?? 0) / 1000);
    },

    refresh() {
      saving.run();
    },

    address(more) {
      return `${document.getElementById('job-form').getAttribute('action')}${more}`;
    },

    async send() {
      try {
        const answer = await post(this.address(''), formBody());
        lay(await answer.text(), null, 'route');
        this.warm();
        this.trouble = '';
      } catch (error) {
        this.trouble = troubleOf(
          error,
          'Not kept yet: the program does not answer. What you typed stays here; trying again.',
        );
        setTimeout(() => saving.run(), RETRY_MS);
      }
    },

    async clicked(event) {
      const button = event.target.closest('button');
      if (!button) return;
      const { up, down, planned } = button.dataset;
      if (up) await this.move(Number(up), Number(up) - 1);
      else if (down) await this.move(Number(down), Number(down) + 1);
      else if (planned) await this.move(1, 1);
    },

    grab(event) {
      held = event.target.closest('[data-n]')?.dataset.n ?? null;
      if (held) event.dataTransfer.effectAllowed = 'move';
    },

    over(event) {
      if (held && event.target.closest('[data-n]')) event.preventDefault();
    },

    async drop(event) {
      const onto = event.target.closest('[data-n]');
      if (!held || !onto) return;
      event.preventDefault();
      const from = Number(held);
      held = null;
      if (from !== Number(onto.dataset.n)) await this.move(from, Number(onto.dataset.n));
    },

    async move(from, to) {
      const version = document.querySelector('#job-form [name=version]').value;
      try {
        const answer = await post(this.address('/move'), new URLSearchParams({ from, to, version }));
        lay(await answer.text(), null, 'route');
        this.warm();
        this.trouble = '';
      } catch (error) {
        this.trouble = troubleOf(error, 'Not moved: the program does not answer. Try again.');
      }
    },

    async travel(event) {
      try {
        await travelHistory(event.detail, 'route');
        this.warm();
      } catch (error) {
        this.trouble = troubleOf(error, 'Nothing was taken back: the program does not answer. Try again.');
      }
    },
  };
}
