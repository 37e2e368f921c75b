// Times as they are read from two metres away.
export function clockText(seconds) {
  const whole = Math.floor(Math.max(0, seconds));
  const minutes = Math.floor(whole / 60);
  return minutes >= 60
    ? `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}:${String(whole % 60).padStart(2, '0')}`
    : `${minutes}:${String(whole % 60).padStart(2, '0')}`;
}

// How long something lasts: a figure and its unit.
export function lasts(minutes) {
  if (!Number.isFinite(minutes)) return ['–', ''];
  return minutes >= 120 ? [String(Math.floor(minutes / 60)), 'h'] : [String(Math.floor(minutes)), 'min'];
}
