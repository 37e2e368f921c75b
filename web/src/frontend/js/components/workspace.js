import { jobPage } from '../job-page.js';
import { drawBeside } from '../map/beside.js';
import { jobForm } from '../page.js';

const TYPING_PAUSE_MS = 120;

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
    ...jobPage('sheet'),

    init() {
      this.ready();
      const narrow = window.matchMedia('(max-width: 45em)');
      // A new job asks what it is before it answers.
      const asks = jobForm().dataset.untitled === 'true';
      const fold = () => {
        this.$refs.joint.open = asks || !narrow.matches;
      };
      narrow.addEventListener('change', fold);
      fold();
    },

    typed(event) {
      if (event.target.form?.id !== 'job-form' || event.target.matches('[data-own-value]')) return;
      this.save(TYPING_PAUSE_MS);
    },

    chosen(event) {
      if (event.target.form?.id !== 'job-form' || event.target.matches('input:not([type]), input[type=text], textarea'))
        return;
      this.save();
    },

    // One of the two ways to weld a thin butt: from both sides without wire, or from one side with it.
    useWay(event) {
      const both = event.currentTarget.dataset.both === 'true';
      const fields = jobForm().elements;
      fields.penetration.value = both ? 'BOTH_SIDES' : 'FULL';
      fields.wire.value = both ? 'false' : 'true';
      this.save();
    },

    // Enter in a value of one's own takes that value; anywhere else it saves the form.
    refresh() {
      const own = document.activeElement.closest('.own-value');
      if (own) own.querySelector('[data-own]').click();
      else this.save();
    },

    // A figure was opened: its reasoning is asked for then, so that a changed field need not carry forty of them.
    opened(event) {
      const figure = event.target;
      if (figure.matches('details[name=why]') && figure.open) this.explain(figure);
      if (figure.id === 'sheet-map') drawBeside();
    },

    async explain(figure) {
      const why = figure.querySelector('.why');
      try {
        const answer = await fetch(`${window.location.pathname}/why/${figure.id}`);
        if (answer.ok) why.innerHTML = await answer.text();
      } catch {
        why.textContent = 'The program does not answer; close and open again.';
      }
    },

    // Where a point of the map was let go of: its current and travel become own values.
    async pointed({ detail }) {
      await this.tell('/point', { pointA: detail.x, pointTravel: detail.y });
    },

    laid() {
      drawBeside();
      this.$root.querySelectorAll('details[name=why][open]').forEach((figure) => this.explain(figure));
      document.title = `${jobForm().elements.name.value} – Vast Arc`;
    },

    // One tap gives an own value back to the engine, marks the job as proven, takes a way out of a refusal, or changes one field.
    async clicked(event) {
      const button = event.target.closest(
        '[data-back], [data-proven], [data-way], [data-pass], [data-set], [data-learned], [data-own]',
      );
      if (!button) return;
      const { elements } = jobForm();
      const { back, proven, way, learned, value, own, pass, set } = button.dataset;
      if (pass || set) {
        if (pass) elements.pass.value = pass;
        else setFields(elements, set);
        return this.save();
      }
      if (proven) await this.tell('/proven', { proven });
      else if (learned) await this.tell('/learned', { setting: learned, value });
      else if (own)
        await this.tell(`/own/${own}`, { value: button.closest('.own-value').querySelector('input').value });
      else await this.tell(way ? `/way/${way}` : `/engine/${back}`, {});
    },
  };
}
