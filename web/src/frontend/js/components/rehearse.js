import { jobPage } from '../job-page.js';
import { isTyping } from '../keymap.js';
import { cancel } from '../working.js';
import { looking } from '../rehearse/looking.js';
import { keeping } from '../rehearse/keeping.js';
import { running } from '../rehearse/running.js';
import { watching } from '../rehearse/watching.js';

// The weld on simulated metal: runs it, shows it while it forms, plays it again, lays two side by side, looks for a setting.
export function rehearse() {
  // What the page's framework need not watch: what was simulated, and where one looks at it.
  const reel = {
    films: [],
    ids: [],
    sent: '',
    started: 0,
    frame: 0,
    cursor: null,
    playing: null,
    looking: null,
    lastSpoken: '',
  };

  return {
    ...jobPage('rehearse'),
    ...running(reel),
    ...watching(reel),
    ...keeping(reel),
    ...looking(reel),
    search: '',
    running: false,
    finding: false,
    unsteady: false,
    amounts: false,
    widths: true,
    shown: false,
    two: false,
    done: false,
    nameOne: 'As on the sheet',
    nameTwo: '',
    saysOne: '',
    saysTwo: '',
    clock: '0.0 s',
    spoken: '',
    legend: '',
    playName: 'Play',
    speedName: '4 ×',
    speed: 4,

    init() {
      this.ready();
      this.unsteady = this.$refs.unsteady?.checked ?? false;
      new ResizeObserver(() => (reel.films.length ? this.draw() : this.drawSolid())).observe(this.$root);
      this.fitUp();
    },

    // Where the bead of each of the two welds is drawn.
    canvases() {
      const { one, two } = this.$refs;
      return [one, two];
    },

    chosen(event) {
      if (['seamMm', 'quality'].includes(event.target.name)) this.fitAgain();
      if (event.target.name === 'steadiness') this.unsteady = event.target.value === 'UNSTEADY';
      if (event.target.name === 'goal') this.widths = event.target.value === 'BACK_BEAD';
      if (event.target.name === 'change') this.amounts = ['CURRENT', 'TRAVEL'].includes(event.target.value);
    },

    async clicked(event) {
      const button = event.target.closest('button');
      if (!button) return;
      const { do: act, forget, again, take, look, exhibit } = button.dataset;
      if (act === 'run') await this.run();
      else if (act === 'stop') await this.stop();
      else if (act === 'play') this.play();
      else if (act === 'speed') this.turnSpeed();
      else if (act === 'sound') await this.turnSound();
      else if (act === 'picture') this.picture();
      else if (act === 'helmet') this.helmet();
      else if (act === 'differs') this.turnDiffers();
      else if (act === 'film') await this.film();
      else if (look) this.lookFrom(look);
      else if (act === 'find') await this.find();
      else if (act === 'stop-find') await cancel(reel.looking);
      else if (act === 'compare') await this.compare();
      else if (forget) await this.forget(forget);
      else if (again) await this.run({ again });
      else if (exhibit) await this.run({ exhibit });
      else if (take) await this.take(button.dataset);
    },

    keyed(event) {
      if (isTyping(document.activeElement) || event.ctrlKey || event.altKey || event.metaKey) return;
      if (event.key === ' ' && this.shown && document.activeElement?.tagName !== 'BUTTON') {
        event.preventDefault();
        this.play();
      } else if (event.key === 'r') this.run();
      else this.lookByKey(event.key);
    },

    async turned() {
      window.location.reload();
    },
  };
}
