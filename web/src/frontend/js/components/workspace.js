import { formBody, lay, showHistory, tellSaving, travelHistory } from '../page.js';
import { post, troubleOf } from '../requests.js';
import { saver } from '../saving.js';

const TYPING_PAUSE_MS = 120;
const RETRY_MS = 3000;

// Fields of the form, set as a button says: name=value, joined by &.
function setFields(elements, change) {
  new URLSearchParams(change).forEach((value, name) => {
    const field = elements[name];
    if (field.type === 'checkbox') field.checked = value === 'true';
    else field.value = value;
  });
}

// The sheet at work: every change goes to the server, which keeps it, computes, and answers with the workspace to morph in place.
export function workspace() {
  return {
    trouble: '',
    pause: null,
    saving: null,

    init() {
      this.saving = saver(() => this.send(), tellSaving);
      showHistory();
      const narrow = window.matchMedia('(max-width: 45em)');
      // A new job asks what it is before it answers.
      const asks = document.getElementById('job-form').dataset.untitled === 'true';
      const fold = () => {
        document.querySelector('.joint-form').open = asks || !narrow.matches;
      };
      narrow.addEventListener('change', fold);
      fold();
    },

    typed(event) {
      if (event.target.form?.id !== 'job-form' || event.target.matches('[data-own-value]')) return;
      clearTimeout(this.pause);
      this.pause = setTimeout(() => this.saving.run(), TYPING_PAUSE_MS);
    },

    chosen(event) {
      if (event.target.form?.id !== 'job-form' || event.target.matches('input:not([type]), input[type=text], textarea'))
        return;
      clearTimeout(this.pause);
      this.saving.run();
    },

    // One of the two ways to weld a thin butt: from both sides without wire, or from one side with it.
    useWay(event) {
      const both = event.currentTarget.dataset.both === 'true';
      const fields = document.getElementById('job-form').elements;
      fields.penetration.value = both ? 'BOTH_SIDES' : 'FULL';
      fields.wire.value = both ? 'false' : 'true';
      this.saving.run();
    },

    // Enter in a value of one's own takes that value; anywhere else it saves the form.
    refresh() {
      const own = document.activeElement.closest('.own-value');
      if (own) own.querySelector('[data-own]').click();
      else this.saving.run();
    },

    // A figure was opened: its reasoning is asked for then, so that a changed field need not carry forty of them.
    opened(event) {
      const figure = event.target;
      if (figure.matches('details[name=why]') && figure.open) this.explain(figure);
    },

    async explain(figure) {
      try {
        const answer = await fetch(`${window.location.pathname}/why/${figure.id}`);
        if (answer.ok) figure.querySelector('.why').innerHTML = await answer.text();
      } catch {
        figure.querySelector('.why').textContent = 'The program does not answer; close and open again.';
      }
    },

    async send() {
      const form = document.getElementById('job-form');
      try {
        const answer = await post(form.action, formBody());
        this.place(await answer.text(), answer.headers.get('X-Job'));
        this.trouble = '';
      } catch (error) {
        this.trouble = troubleOf(
          error,
          'Not kept yet: the program does not answer. Your typing stays here; trying again.',
        );
        this.pause = setTimeout(() => this.saving.run(), RETRY_MS);
      }
    },

    place(html, job) {
      lay(html, job, 'sheet');
      this.told();
    },

    told() {
      document.querySelectorAll('details[name=why][open]').forEach((figure) => this.explain(figure));
      document.title = `${document.getElementById('job-name').value} – Vast Arc`;
    },

    async travel(event) {
      try {
        await travelHistory(event.detail, 'sheet');
        this.told();
      } catch (error) {
        this.trouble = troubleOf(error, 'Nothing was taken back: the program does not answer. Try again.');
      }
    },

    // One tap gives an own value back to the engine, marks the job as proven, takes a way out of a refusal, or changes one field.
    async clicked(event) {
      const button = event.target.closest(
        '[data-back], [data-proven], [data-way], [data-pass], [data-set], [data-learned], [data-own]',
      );
      if (!button) return;
      const { elements } = document.getElementById('job-form');
      const { version, pass } = elements;
      const { back, proven, way, learned, value, own } = button.dataset;
      if (button.dataset.pass || button.dataset.set) {
        if (button.dataset.pass) pass.value = button.dataset.pass;
        else setFields(elements, button.dataset.set);
        return this.saving.run();
      }
      const seen = new URLSearchParams({ version: version.value });
      if (proven) seen.set('proven', proven);
      if (learned) ['setting', 'value'].forEach((name, i) => seen.set(name, [learned, value][i]));
      if (own) seen.set('value', button.closest('.own-value').querySelector('input').value);
      const address = own
        ? `own/${own}`
        : proven
          ? 'proven'
          : learned
            ? 'learned'
            : way
              ? `way/${way}`
              : `engine/${back}`;
      try {
        const answer = await post(`${window.location.pathname}/${address}`, seen);
        this.place(await answer.text(), null);
      } catch (error) {
        this.trouble = troubleOf(error, 'Not kept: the program does not answer. Tap it again.');
      }
    },
  };
}
