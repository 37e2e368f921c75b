import { jobPage } from '../job-page.js';
import { bodyWithSeen, jobForm } from '../page.js';

// A job on its machine: what stands where, what is done, what has been checked.
export function panel() {
  let clock = null;

  return {
    ...jobPage('panel', bodyWithSeen),
    timing: false,

    init() {
      this.ready();
    },

    get timerWord() {
      return this.timing ? 'Stop the clock' : 'Start the clock';
    },

    chosen(event) {
      if (event.target.name) this.save();
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
      const field = jobForm().elements[`stands.${id}`];
      if (!field) return;
      field.closest('li').scrollIntoView({ block: 'nearest' });
      field.focus();
      if (field.tagName !== 'SELECT') return;
      field.selectedIndex = (field.selectedIndex % (field.options.length - 1)) + 1;
      this.save();
    },

    again() {
      this.tell('/check/again', {});
    },
    store() {
      this.tell('/slot', { slot: this.$refs.slot.value });
    },

    // --- leak check

    timer() {
      const { seconds } = this.$refs;
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
      const { volume, drop, seconds, said } = this.$refs;
      const query = new URLSearchParams({ volume: volume.value, drop: drop.value, seconds: seconds.value });
      try {
        said.textContent = await (await fetch(this.address(`/leak?${query}`))).text();
      } catch {
        said.textContent = 'The program does not answer; ask again.';
      }
    },
  };
}
