const LENGTH_S = 20;
const FROM = 40;
const TO = 960;
const EVERY_MS = 40;

// A mark moves along a seam at a travel; where the pointer is, is noted 25 times a second, in millimetres of the seam.
export function steady() {
  return {
    x: FROM,
    left: '',
    began: 0,
    samples: [],
    get markX() {
      return this.x;
    },
    init() {
      this.travel = Number(this.$el.dataset.travel);
      this.perMm = (TO - FROM) / ((this.travel / 60) * LENGTH_S);
    },
    at(event) {
      const box = this.$refs.track.getBoundingClientRect();
      return { x: ((event.clientX - box.left) / box.width) * 1000, y: ((event.clientY - box.top) / box.height) * 160 };
    },
    begin(event) {
      const at = this.at(event);
      if (this.began || Math.abs(at.x - FROM) > 40) return;
      this.$refs.track.setPointerCapture(event.pointerId);
      this.began = performance.now();
      this.samples = [];
      this.pointer = at;
      this.beat = setInterval(() => this.tick(), EVERY_MS);
      event.preventDefault();
    },
    move(event) {
      if (this.began) this.pointer = this.at(event);
    },
    tick() {
      const s = (performance.now() - this.began) / 1000;
      this.x = FROM + ((TO - FROM) * Math.min(s, LENGTH_S)) / LENGTH_S;
      this.left = `${Math.max(0, Math.ceil(LENGTH_S - s))} s`;
      this.samples.push(
        [
          s.toFixed(3),
          ((this.pointer.x - FROM) / this.perMm).toFixed(3),
          ((this.pointer.y - 80) / this.perMm).toFixed(3),
        ].join(','),
      );
      if (s >= LENGTH_S) this.end();
    },
    stop() {
      if (this.began) this.end();
    },
    end() {
      clearInterval(this.beat);
      this.began = 0;
      this.$refs.samples.value = this.samples.join(';');
      this.$refs.form.requestSubmit();
    },
  };
}
