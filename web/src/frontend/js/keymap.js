// What a key does: the button or link it presses, or an act of the page. Keys are left alone while something is being typed, and with Ctrl, Alt or Meta.
const KEYS = {
  '?': 'help',
  u: '#turn-units',
  t: '#turn-theme',
  n: '#new-job',
  h: '#to-bench',
  m: '#to-machines',
  b: 'booth',
  l: '#to-logbook',
  '/': 'search',
};
const TYPING = new Set(['INPUT', 'TEXTAREA', 'SELECT']);

export function isTyping(element) {
  if (!element) return false;
  const box = element.tagName === 'INPUT' && ['radio', 'checkbox', 'button', 'submit'].includes(element.type);
  return (TYPING.has(element.tagName) && !box) || element.isContentEditable === true;
}

export function actionFor(event, focused) {
  if (event.key === 'Escape') return 'close';
  if (isTyping(focused)) return null;
  if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') return event.shiftKey ? 'redo' : 'undo';
  if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'y') return 'redo';
  if (event.ctrlKey || event.altKey || event.metaKey) return null;
  if (/^[1-9]$/.test(event.key)) return 'step';
  return KEYS[event.key] ?? null;
}
