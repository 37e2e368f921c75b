import { nudged, pulled, spot, typedText } from './handles.js';
import { timeScale } from './scale.js';

// Handles pulled with a pointer and moved with keys.
export function pulling(raw) {
  return {
    grab(event) {
      const handle = event.target.closest?.('.handle');
      const place = handle && raw.score.handles.find((one) => one.field === handle.dataset.field);
      raw.grabbed = place
        ? {
            field: place.field,
            place: { ...place },
            x: event.clientX,
            y: event.clientY,
            at: spot(place, raw.view, this.size(), raw.score.topA),
          }
        : { pan: { ...raw.view }, x: event.clientX };
      raw.asked = {};
      handle?.focus();
      event.preventDefault();
    },

    pull(event) {
      const grabbed = raw.grabbed;
      if (!grabbed) return;
      if (grabbed.pan) {
        const by = (event.clientX - grabbed.x) / timeScale(raw.view, this.size().width).pxPerS;
        this.look(grabbed.pan.t0 - by, grabbed.pan.t1 - by);
        return;
      }
      const { at } = grabbed;
      const value = pulled(
        grabbed.place,
        (event.clientX - grabbed.x) / at.time.pxPerS,
        at.amp.a(at.y + event.clientY - grabbed.y) - at.amp.a(at.y),
      );
      this.set(grabbed.place, value);
    },

    letGo() {
      raw.grabbed = null;
    },

    set(place, value) {
      const field = document.getElementById(place.field);
      const text = typedText(value, place);
      if (raw.asked[place.field] === text) return;
      raw.asked[place.field] = text;
      raw.fresh.add(place.field);
      raw.pressed[place.field] = value;
      field.name = place.field;
      field.value = text;
      this.save();
    },

    keyed(event) {
      if (this.trying && event.code === 'Space' && !event.target.matches('input, select, textarea')) {
        event.preventDefault();
        if (!event.repeat) this.touch(true);
        return;
      }
      const handle = document.activeElement?.closest?.('.handle');
      const place = handle && raw.score.handles.find((one) => one.field === handle.dataset.field);
      const value = place ? nudged(place, event.key) : null;
      if (value === null) return;
      event.preventDefault();
      place.value = value;
      this.set(place, value);
    },

    lifted(event) {
      if (this.trying && event.code === 'Space') this.touch(false);
    },
  };
}
