// What the meter of a purge reads, as the page shows it.
// A leak is found from five readings on.
const FEWEST_READ = 5;
const SILENT =
  'Nothing heard yet. A simulated meter reads for two hours from the opening of the argon; a real one as soon as its sender sends.';

export function hearing() {
  return {
    livePpm: '–',
    liveFlow: '–',
    liveSays: SILENT,
    tooFew: true,

    deaf() {
      this.livePpm = '–';
      this.liveFlow = '–';
      this.liveSays = SILENT;
      this.tooFew = true;
    },

    // The meter's own word stands where a hand has typed none yet.
    heard({ ppm, flow, says, inside, reached, heard }) {
      this.tooFew = heard < FEWEST_READ;
      if (this.liveSays === SILENT) this.liveSays = '';
      if (ppm) this.livePpm = ppm;
      if (flow) this.liveFlow = flow;
      if (flow) this.liveSays = says;
      const { inside: struck, meter: field } = this.$refs;
      if (inside && struck) struck.textContent = inside;
      if (reached && field && !field.value) {
        field.value = ppm;
        this.refresh();
      }
    },
  };
}
