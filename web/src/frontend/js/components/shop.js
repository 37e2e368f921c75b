import Alpine from '../morph.js';
import { bodyWithSeen } from '../page.js';
import { ask, post, troubleOf } from '../requests.js';

// What an answer that took nothing means.
export function failed(status) {
  if (status === 403)
    return 'This page is too old to send. Load it again, then choose the file once more. Nothing was changed.';
  if (status === 507) return 'The disk of this machine is full. Make room and take it then. Nothing was changed.';
  if (status === 413) return 'The file is larger than an archive of a shop can be. Nothing was changed.';
  if (status === 409 || status === 429)
    return 'Another archive is being taken just now. Try again when it is done. Nothing was changed.';
  return `The program could not import it (${status}). Nothing was changed; try again, or restart the program.`;
}

// How the shop works: habits are kept only after they have told whom they move; the shelf keeps itself; a file is looked into first.
export function shop() {
  return {
    trouble: '',
    told: '',
    changes: [],
    file: null,

    // An address that names one of the files opens their list.
    init() {
      document.getElementById(window.location.hash.slice(1))?.closest('[popover]')?.showPopover();
    },

    async tell(address, fields) {
      try {
        Alpine.morph(this.$refs.workspace, await (await post(address, new URLSearchParams(fields))).text());
        this.trouble = '';
      } catch (error) {
        this.trouble = troubleOf(error, 'Not kept: the program does not answer. Choose it once more to try again.');
      }
    },

    changed(event) {
      if (event.target.matches('[data-habit]')) this.tell('/shop/habit/ask', { school: event.target.value });
      const form = event.target.closest('[data-form]');
      if (form) this.tell(form.dataset.form, bodyWithSeen(form));
    },

    clicked(event) {
      const button = event.target.closest('button');
      if (button?.dataset.keep) this.tell('/shop/habit', { school: button.dataset.keep });
      if (button?.dataset.do === 'drop') window.location.reload();
    },

    async look(event) {
      this.file = event.target.files[0] ?? null;
      event.target.value = '';
      if (this.file) await this.send(false);
    },

    async take() {
      await this.send(true);
    },

    leave() {
      this.file = null;
      this.told = '';
      this.changes = [];
    },

    async send(take) {
      try {
        const answer = await ask(`/shop/restore?take=${take}`, this.file, { 'Content-Type': 'application/zip' });
        if (!answer.ok && answer.status !== 422) {
          this.told = failed(answer.status);
          return;
        }
        const said = await answer.json();
        this.changes = said.changes ?? [];
        if (said.problem) this.told = said.problem;
        else if (take) this.told = this.changes.length ? 'Taken:' : 'Taken; nothing was different.';
        else
          this.told = this.changes.length
            ? `${this.file.name} would change this shop:`
            : `${this.file.name} changes nothing in this shop.`;
        if (take || said.problem) this.file = null;
      } catch (error) {
        this.told = troubleOf(error, 'The program does not answer; nothing was changed.');
      }
    },
  };
}
