// Plays cues: tones on the audio clock, ahead of time, so that no busy page delays them; words by the browser's own voice where it has one.
import { FELT, TONES, WORDLESS } from './tones.js';

const AHEAD_S = 0.25;
// A beat later than this would mislead a hand: it is left out.
const LATEST_BEAT_S = 0.03;
const LOOK_MS = 60;
const RAMP_S = 0.005;
const MOST_KEPT = 400;

export function ear(heard = () => {}) {
  let context = null;
  let plan = [];
  let timer = 0;
  let sounding = [];
  // What was given to the audio clock: kind, when it was wanted and when it was given, on that clock and by the time of day, ms.
  const given = [];

  function open() {
    if (context || typeof AudioContext === 'undefined') return context;
    try {
      context = new AudioContext();
    } catch {
      context = null;
    }
    return context;
  }

  function tone(kind, at) {
    const { beats, loud, side } = TONES[kind];
    const panner = new StereoPannerNode(context, { pan: side });
    panner.connect(context.destination);
    return beats.map(([after, length, pitch]) => {
      const voice = new OscillatorNode(context, { type: 'square', frequency: pitch });
      const volume = new GainNode(context, { gain: 0 });
      const from = at + after;
      volume.gain.setValueAtTime(0, from);
      volume.gain.linearRampToValueAtTime(0.4 * loud, from + RAMP_S);
      volume.gain.setValueAtTime(0.4 * loud, from + length - RAMP_S);
      volume.gain.linearRampToValueAtTime(0, from + length);
      voice.connect(volume).connect(panner);
      voice.start(from);
      voice.stop(from + length);
      return voice;
    });
  }

  function give(cue, wanted) {
    const at = Math.max(wanted, context.currentTime);
    sounding = sounding.filter((one) => one.until > context.currentTime);
    sounding.push({ until: at + 2, voices: tone(cue.kind, at) });
    given.push({ kind: cue.kind, at: wanted, now: context.currentTime, wall: Date.now() });
    if (given.length > MOST_KEPT) given.shift();
    const inMs = Math.max(0, (at - context.currentTime) * 1000);
    const { run } = cue;
    setTimeout(() => {
      if (run !== undefined && run !== plan) return;
      if (FELT[cue.kind]) navigator.vibrate?.(FELT[cue.kind]);
      say(cue);
      heard(cue);
    }, inMs);
  }

  // A warning cuts short what is being said; anything else waits for silence, or is left out.
  function say(cue) {
    const voice = window.speechSynthesis;
    if (!voice || WORDLESS.has(cue.kind) || !voice.getVoices().length) return;
    if (cue.urgency === 'NOW') voice.cancel();
    else if (voice.speaking) return;
    voice.speak(Object.assign(new SpeechSynthesisUtterance(cue.words), { lang: 'en', rate: 1.15 }));
  }

  function look() {
    const until = context.currentTime + AHEAD_S;
    while (plan.length && plan[0].at <= until) {
      const cue = plan.shift();
      const latest = cue.urgency === 'PACE' ? LATEST_BEAT_S : AHEAD_S;
      if (context.currentTime - cue.at <= latest) give({ ...cue, run: plan }, cue.at);
    }
  }

  return {
    given,
    // True where tones can be heard: a hand has woken the audio clock.
    isAwake: () => context?.state === 'running',
    // To be called from a press or a key: browsers play nothing before one.
    async wake() {
      if (navigator.userActivation?.hasBeenActive === false || !open()) return false;
      await Promise.race([context.resume(), new Promise((done) => setTimeout(done, 500))]).catch(() => {});
      return context.state === 'running';
    },
    clock: () => context?.currentTime ?? 0,
    // Cues with s, seconds of their own time; `nowS` of it is now, at so many of its seconds a second.
    play(cues, nowS, pace = 1) {
      this.stop();
      if (!this.isAwake()) return;
      const now = context.currentTime;
      plan = cues
        .filter((cue) => cue.s >= nowS - 1e-3)
        .map((cue) => ({ ...cue, at: now + Math.max(0, (cue.s - nowS) / pace) }));
      timer = setInterval(look, LOOK_MS);
      look();
    },
    // At once.
    warn(cue) {
      if (this.isAwake()) give(cue, context.currentTime);
    },
    stop() {
      clearInterval(timer);
      plan = [];
      sounding.forEach(({ until, voices }) => {
        if (until > (context?.currentTime ?? 0)) voices.forEach((voice) => voice.stop());
      });
      sounding = [];
      window.speechSynthesis?.cancel();
    },
  };
}
