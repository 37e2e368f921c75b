// The dams of a purge, pulled along in the picture.
import { jobForm } from '../page.js';

const END_SHARE = 0.22;
const TAP_PX = 8;
const MM_PER_INCH = 25.4;

export function ends() {
  let held = null;

  return {
    // The picture's ends: pulled along, the dam moves and its part gets longer or shorter; up or down, or tapped, what passes there does.
    grab(event) {
      const picture = event.target.closest('svg');
      if (!picture) return;
      const box = picture.getBoundingClientRect();
      const share = (event.clientX - box.left) / box.width;
      if (share > END_SHARE && share < 1 - END_SHARE) return;
      event.preventDefault();
      held = { picture, first: share <= END_SHARE, x: event.clientX, y: event.clientY };
    },

    pull(event) {
      if (held) held.picture.style.transform = `translateX(${(event.clientX - held.x) / 8}px)`;
    },

    drop(event) {
      if (!held) return;
      const { picture, first, x, y } = held;
      held = null;
      picture.style.transform = '';
      const along = event.clientX - x;
      const down = event.clientY - y;
      if (Math.abs(along) > TAP_PX && Math.abs(along) > Math.abs(down)) this.moveDam(picture, first, along);
      else this.turnEnd(first, Math.abs(down) > TAP_PX ? (down > 0 ? 'LOW' : 'HIGH') : null);
    },

    moveDam(picture, first, along) {
      const [, , width] = picture.getAttribute('viewBox').split(' ').map(Number);
      const millimetres = (along * width) / picture.getBoundingClientRect().width;
      const lengths = [...jobForm().elements].filter((field) => field.id.endsWith('.lengthMm'));
      const field = first ? lengths[0] : lengths[lengths.length - 1];
      if (!field) return;
      const now = parseFloat((field.value || field.placeholder).replace(',', '.'));
      const inch = /in|"/.test(field.value || field.placeholder);
      const before = inch ? now * MM_PER_INCH : now;
      field.value = `${Math.max(1, Math.round(before + (first ? -millimetres : millimetres)))} mm`;
      field.dispatchEvent(new Event('input', { bubbles: true }));
    },

    turnEnd(first, wanted) {
      const list = jobForm().elements[first ? 'purge.inlet' : 'purge.ventAt'];
      list.value = wanted ?? (list.value === 'LOW' ? 'HIGH' : 'LOW');
      list.dispatchEvent(new Event('change', { bubbles: true }));
    },
  };
}
