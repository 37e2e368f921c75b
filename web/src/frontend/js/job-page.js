// What every page of a job does alike: keeps its form, asks for a change, goes through the history, and says when it could not.
import { formBody, jobForm, lay, showHistory, tellSaving, travelHistory, version } from './page.js';
import { post, troubleOf } from './requests.js';
import { saver } from './saving.js';

const RETRY_MS = 3000;
const WAITS = 'Not kept yet: the program does not answer. What you typed stays here; trying again.';
const NOT_KEPT = 'Not kept: the program does not answer. Tap it again.';
const NOT_TAKEN_BACK = 'Nothing was taken back: the program does not answer. Try again.';

// A component of such a page is made over it: `step` is the place in the address, `read` how its form is read. `laid` is called whenever
// an answer has been laid over the page.
export function jobPage(step, read) {
  let saving = null;
  let pause = null;

  return {
    trouble: '',

    ready() {
      saving = saver(() => this.send(), tellSaving);
      showHistory();
    },

    // Keeps the form, now or when the hand has been still for a while.
    save(afterMs = 0) {
      clearTimeout(pause);
      if (afterMs) pause = setTimeout(() => saving.run(), afterMs);
      else saving.run();
    },

    refresh() {
      this.save();
    },

    address(more = '') {
      return `${jobForm().getAttribute('action')}${more}`;
    },

    laid() {},

    place(html, job) {
      lay(html, job, step);
      this.laid();
    },

    async send() {
      try {
        const answer = await post(this.address(), formBody(read));
        this.place(await answer.text(), answer.headers.get('X-Job'));
        this.trouble = '';
      } catch (error) {
        this.trouble = troubleOf(error, WAITS);
        this.save(RETRY_MS);
      }
    },

    // One change asked for by a tap, made on the version that is shown.
    async tell(more, fields, silent = NOT_KEPT) {
      try {
        const answer = await post(this.address(more), new URLSearchParams({ version: version(), ...fields }));
        this.place(await answer.text(), null);
        this.trouble = '';
      } catch (error) {
        this.trouble = troubleOf(error, silent);
      }
    },

    async travel(event) {
      try {
        await travelHistory(event.detail, step);
        this.laid();
      } catch (error) {
        this.trouble = troubleOf(error, NOT_TAKEN_BACK);
      }
    },
  };
}
