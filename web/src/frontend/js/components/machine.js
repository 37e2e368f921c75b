import Alpine from '../morph.js';
import { Refusal, ask, troubleOf } from '../requests.js';

// The panel editor: every change goes to the server, which keeps it where it fits the format and says what is wrong where it does not.
const saidOf = (form) => form.querySelector('[data-said]');

export function machine() {
  let dragged = null;

  return {
    trouble: '',

    base() {
      return this.$refs.workspace.dataset.base;
    },

    async tell(more, body, said) {
      try {
        const answer = await ask(`${this.base()}${more}`, body);
        const text = await answer.text();
        if (answer.status === 422) this.refuse(text, said);
        else if (answer.ok) this.place(text);
        else throw new Refusal(answer.status, answer.status === 507 ? text : '');
        return answer.ok;
      } catch (error) {
        this.trouble = troubleOf(
          error,
          'Not kept: the program does not answer. What you typed stays here; change it once more to try again.',
        );
        return false;
      }
    },

    // What was typed stays; the words stand beneath it.
    refuse(text, said) {
      if (!said) {
        this.trouble = text;
        return;
      }
      said.textContent = text;
      said.hidden = false;
    },

    place(html) {
      this.trouble = '';
      const focused = document.activeElement;
      Alpine.morph(this.$refs.workspace, html, {
        updating(from, to, childrenOnly, skip) {
          if (from.nodeType !== Node.ELEMENT_NODE) return;
          if (from.tagName === 'DETAILS') to.open = from.open;
          if (from.hasAttribute('data-live')) skip();
          if (from === focused && from.matches('input, textarea')) skip();
        },
      });
      this.$refs.workspace.querySelectorAll('input[type=text], input:not([type])').forEach((input) => {
        if (input !== focused) input.value = input.getAttribute('value') ?? '';
      });
    },

    changed(event) {
      const form = event.target.closest('form[data-post]');
      if (!form || form.id === 'add-control' || form.dataset.post === '/readings') return;
      this.tell(form.dataset.post, new URLSearchParams(new FormData(form)), saidOf(form));
    },

    clicked(event) {
      const button = event.target.closest('button');
      if (!button) return;
      const { do: act, remove, forget, clear } = button.dataset;
      if (act) this[act](button);
      else if (remove) this.tell(`/controls/${remove}/remove`, new URLSearchParams());
      else if (forget) this.tell(`/readings/${forget}/forget`, new URLSearchParams());
      else if (clear) this.tell(`/slots/${clear}/clear`, new URLSearchParams());
    },

    add() {
      this.tell('/controls', new URLSearchParams(new FormData(this.$refs.add)));
    },

    reading(button) {
      const form = button.closest('form');
      this.tell('/readings', new URLSearchParams(new FormData(form)), saidOf(form));
    },

    simulate(button) {
      const form = button.closest('form');
      const body = new URLSearchParams(new FormData(form));
      body.set('simulated', 'true');
      this.tell('/readings', body, saidOf(form));
    },

    print() {
      window.print();
    },
    reload() {
      window.location.reload();
    },

    // --- dragging

    front() {
      return this.$refs.front.firstElementChild;
    },

    grab(event) {
      const control = event.target.closest('[data-control]');
      if (!control) return;
      event.preventDefault();
      dragged = { control, x: event.clientX, y: event.clientY, moved: false };
    },

    drag(event) {
      if (!dragged) return;
      const scale = this.front().viewBox.baseVal.width / this.front().getBoundingClientRect().width;
      const dx = (event.clientX - dragged.x) * scale;
      const dy = (event.clientY - dragged.y) * scale;
      dragged.moved = dragged.moved || Math.hypot(dx, dy) > 6;
      dragged.dx = dx;
      dragged.dy = dy;
      dragged.control.setAttribute('transform', `translate(${dx.toFixed(1)} ${dy.toFixed(1)})`);
    },

    drop() {
      if (!dragged) return;
      const { control, moved, dx, dy } = dragged;
      dragged = null;
      if (!moved) {
        control.removeAttribute('transform');
        this.open(control.dataset.control);
        return;
      }
      const box = this.front().viewBox.baseVal;
      const share = (value, by, whole) => Math.min(100, Math.max(0, (100 * (Number(value) + by)) / whole)).toFixed(1);
      this.tell(
        `/controls/${control.dataset.control}/place`,
        new URLSearchParams({
          x: share(control.dataset.x, dx, box.width),
          y: share(control.dataset.y, dy, box.height),
        }),
      );
    },

    open(id) {
      const form = document.getElementById(`form-${id}`);
      form.open = true;
      form.scrollIntoView({ block: 'nearest' });
      form.firstElementChild.focus();
    },
  };
}

// Takes a machine from a file of the published format.
export function importer() {
  return {
    trouble: '',

    async read(event) {
      const file = event.target.files[0];
      if (!file) return;
      try {
        const answer = await fetch('/api/v1/machines', {
          method: 'POST',
          body: file,
          headers: { 'Content-Type': 'application/json' },
        });
        const said = await answer.json();
        if (answer.ok) window.location.assign(`/machines/${said.id}`);
        else this.trouble = `${file.name} was not imported: ${said.detail}`;
      } catch {
        this.trouble = `${file.name} was not imported: the program does not answer, or the file is too large.`;
      }
      event.target.value = '';
    },
  };
}
