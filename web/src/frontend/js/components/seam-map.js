import { post, troubleOf } from '../requests.js';
import { upload } from '../upload.js';

const STEP = 0.01;
const MOVES = { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, -STEP], ArrowDown: [0, STEP] };
const FAR_PX = 5;

// The seams of an assembly on its drawing: a mark is dragged, or moved by arrow keys; a tap beside the marks places the chosen seam.
export function seamMap() {
  let held = null;

  return {
    trouble: '',

    async changed({ target }) {
      if (target.id !== 'drawing-file' || !target.files.length) return;
      this.trouble = await upload(`${this.$root.dataset.address}/drawing`, target.files[0], {
        large: 'This drawing cannot be taken: it is larger than 12 MB. Save it smaller.',
        silent: 'The drawing was not kept: the program does not answer.',
      });
      target.value = '';
    },

    async tried(words, action) {
      try {
        this.trouble = '';
        await action();
      } catch (error) {
        this.trouble = troubleOf(error, words);
      }
    },

    box() {
      return this.$refs.drawing.viewBox.baseVal;
    },

    place(event) {
      const frame = this.$refs.drawing.getBoundingClientRect();
      const within = (share) => Math.max(0, Math.min(1, share));
      return [within((event.clientX - frame.left) / frame.width), within((event.clientY - frame.top) / frame.height)];
    },

    show(mark, [x, y]) {
      const { width, height } = this.box();
      mark.setAttribute('transform', `translate(${x * width} ${y * height})`);
    },

    press(event) {
      const mark = event.target.closest('[data-mark]');
      held = { mark, moved: false, from: [event.clientX, event.clientY] };
      if (!mark) return;
      event.preventDefault();
      this.$refs.drawing.setPointerCapture?.(event.pointerId);
    },

    drag(event) {
      if (!held?.mark) return;
      const [x, y] = held.from;
      held.moved = held.moved || Math.hypot(event.clientX - x, event.clientY - y) > FAR_PX;
      if (held.moved) this.show(held.mark, this.place(event));
    },

    async release(event) {
      const was = held;
      held = null;
      if (!was) return;
      const { chosen } = this.$root.dataset;
      if (was.mark && !was.moved) window.location.assign(was.mark.getAttribute('href'));
      else if (was.mark) await this.keep(was.mark.dataset.mark, this.place(event));
      else if (chosen && (await this.keep(chosen, this.place(event)))) window.location.reload();
    },

    async nudge(event) {
      const mark = event.target.closest('[data-mark]');
      const move = MOVES[event.key];
      if (!mark || !move) return;
      event.preventDefault();
      const { width, height } = this.box();
      const [, left, top] = mark.getAttribute('transform').match(/\(([-.\d]+) ([-.\d]+)\)/);
      const within = (share) => Math.max(0, Math.min(1, share));
      const place = [within(Number(left) / width + move[0]), within(Number(top) / height + move[1])];
      this.show(mark, place);
      await this.keep(mark.dataset.mark, place);
    },

    async keep(seam, [x, y]) {
      let kept = false;
      await this.tried('The mark was not kept: the program does not answer.', async () => {
        await post(`${this.$root.dataset.address}/mark`, new URLSearchParams({ seam, x, y }));
        kept = true;
      });
      return kept;
    },
  };
}
