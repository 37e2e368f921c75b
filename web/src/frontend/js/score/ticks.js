// The dab rhythm as short ticks, synthesised here. Nothing sounds until a hand has switched it on.
let context = null;

export function tick() {
  context ??= new AudioContext();
  const start = context.currentTime;
  const tone = context.createOscillator();
  const volume = context.createGain();
  tone.frequency.value = 1200;
  volume.gain.setValueAtTime(0.15, start);
  volume.gain.exponentialRampToValueAtTime(0.001, start + 0.05);
  tone.connect(volume).connect(context.destination);
  tone.start(start);
  tone.stop(start + 0.06);
}
