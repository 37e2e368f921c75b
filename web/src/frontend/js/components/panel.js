import { bodyWithSeen, formBody, lay, showHistory, tellSaving, travelHistory } from '../page.js';
import { post, troubleOf } from '../requests.js';
import { saver } from '../saving.js';

const RETRY_MS = 3000;

// A job on its machine: what stands where, what is done, what has been checked.
export function panel() {
  let saving = null;
  let clock = null;

  return {
    trouble: '',
    timing: false,

    init() {
      saving = saver(() => this.send(), tellSaving);
      showHistory();
    },

    get timerWord() {
      return this.timing ? 'Stop the clock' : 'Start the clock';
    },

    address(more) {
      return `${document.getElementById('job-form').getAttribute('action')}${more}`;
    },

    chosen(event) {
      if (event.target.name) saving.run();
    },

    refresh() {
      saving.run();
    },

    async send() {
      try {
        const answer = await post(this.address(''), formBody(bodyWithSeen));
        lay(await answer.text(), answer.headers.get('X-Job'), 'panel');
        this.trouble = '';
      } catch (error) {
        this.trouble = troubleOf(
          error,
          'Not kept yet: the program does not answer. What you told stays here; trying again.',
        );
        setTimeout(() => saving.run(), RETRY_MS);
      }
    },

    async tell(more, fields) {
      try {
        const answer = await post(this.address(more), new URLSearchParams(fields));
        lay(await answer.text(), null, 'panel');
        this.trouble = '';
      } catch (error) {
        this.trouble = troubleOf(error, 'Not kept: the program does not answer. Tap it again.');
      }
    },

    clicked(event) {
      const control = event.target.closest('.front [data-control]');
      if (control) this.show(control.dataset.control);
      const button = event.target.closest('button');
      if (!button) return;
      const { done, item, answer, do: act } = button.dataset;
      if (done !== undefined) this.tell('/done', { element: done });
      else if (item) this.tell('/check', { item, answer });
      else if (act) this[act]();
    },

    // A control tapped in the drawing: its line in the list; a switch goes to its next stop.
    show(id) {
      const field = document.getElementById(`stands.${id}`);
      if (!field) return;
      document.getElementById(`control-${id}`).scrollIntoView({ block: 'nearest' });
      field.focus();
      if (field.tagName !== 'SELECT') return;
      field.selectedIndex = (field.selectedIndex % (field.options.length - 1)) + 1;
      saving.run();
    },

    again() {
      this.tell('/check/again', {});
    },
    store() {
      this.tell('/slot', { slot: document.getElementById('choose-slot').value });
    },

    async travel(event) {
      try {
        await travelHistory(event.detail, 'panel');
      } catch (error) {
        this.trouble = troubleOf(error, 'Nothing was taken back: the program does not answer. Try again.');
      }
    },

    // --- leak check

    timer() {
      const seconds = document.getElementById('leak-seconds');
      if (this.timing) {
        clearInterval(clock);
        this.timing = false;
        return;
      }
      const begun = performance.now();
      this.timing = true;
      clock = setInterval(() => {
        seconds.value = Math.round((performance.now() - begun) / 1000);
      }, 250);
    },

    async leak() {
      const figure = (name) => document.getElementById(`leak-${name}`).value;
      const query = new URLSearchParams({ volume: figure('volume'), drop: figure('drop'), seconds: figure('seconds') });
      const said = document.getElementById('leak-said');
      try {
        said.textContent = await (await fetch(this.address(`/leak?${query}`))).text();
      } catch {
        said.textContent = 'The program does not answer; ask again.';
      }
    },
  };
}
