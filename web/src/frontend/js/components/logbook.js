import { ask, post, troubleOf } from '../requests.js';

// The logbook: two runs to compare, runs from a file.
export function logbook() {
  return {
    trouble: '',
    report: '',
    rows: [],

    async changed(event) {
      const { target } = event;
      if (target.name === 'run') this.count();
      if (target.id === 'bring' && target.files.length) await this.bring(target);
    },

    clicked() {},

    count() {
      const { compare } = this.$refs;
      compare.disabled = new FormData(compare.form).getAll('run').length !== 2;
    },

    async bring(input) {
      try {
        const answer = await (
          await post('/logbook/import', input.files[0], { 'Content-Type': 'application/octet-stream' })
        ).json();
        this.report =
          answer.wrong || `${answer.taken} imported, ${answer.known} already there, ${answer.refused} refused.`;
        this.rows = answer.rows;
        this.trouble = '';
      } catch (error) {
        this.trouble = troubleOf(error, 'Nothing was taken: the program does not answer.');
      } finally {
        input.value = '';
      }
    },
  };
}

// A run of the logbook: its photographs, and readings from a meter's own table.
export function logged() {
  let table = null;

  return {
    trouble: '',
    asking: false,
    said: '',
    columns: [],

    run() {
      return this.$root.dataset.run;
    },

    columnChoices() {
      return [...this.$root.querySelectorAll('[data-column]')];
    },

    async changed(event) {
      const { target } = event;
      if (target.dataset.photo && target.files.length) await this.photograph(target);
      if (target.id === 'trace-file' && target.files.length) {
        [table] = target.files;
        await this.readings('');
        target.value = '';
      }
    },

    clicked(event) {
      if (event.target.closest('#take-columns')) {
        const chosen = this.columnChoices().map((select) => `column=${encodeURIComponent(select.value)}`);
        this.readings(`?${chosen.join('&')}`);
      }
    },

    async photograph(input) {
      try {
        const address = `/logbook/${this.run()}/photo?kind=${input.dataset.photo}`;
        const answer = await ask(address, input.files[0], { 'Content-Type': 'application/octet-stream' });
        if (answer.status === 413) {
          this.trouble = 'This picture cannot be taken: it is larger than 12 MB. Take it at a lower resolution.';
          return;
        }
        const told = await answer.json();
        if (told.to) window.location.reload();
        else this.trouble = told.wrong ?? 'This picture could not be taken.';
      } catch (error) {
        this.trouble = troubleOf(error, 'The picture was not kept: the program does not answer.');
      } finally {
        input.value = '';
      }
    },

    async readings(query) {
      try {
        const told = await (
          await post(`/logbook/${this.run()}/trace${query}`, table, { 'Content-Type': 'application/octet-stream' })
        ).json();
        if (told.to) {
          window.location.reload();
          return;
        }
        this.asking = told.columns.length > 0;
        this.said = told.wrong;
        this.columns = told.columns;
        this.trouble = this.asking ? '' : told.wrong;
        this.$nextTick(() =>
          this.columnChoices().forEach((select) => {
            select.value = select.dataset.chosen;
          }),
        );
      } catch (error) {
        this.trouble = troubleOf(error, 'The readings were not kept: the program does not answer.');
      }
    },
  };
}
