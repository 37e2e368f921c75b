// What a key does. Keys are left alone while something is being typed, and with Ctrl, Alt or Meta.
const KEYS = { '?': 'help', u: 'units', t: 'theme', n: 'new', h: 'bench', 1: 'sheet' };
const TYPING = new Set(['INPUT', 'TEXTAREA', 'SELECT']);

export function isTyping(element) {
  if (!element) return false;
  const box = element.tagName === 'INPUT' && ['radio', 'checkbox', 'button', 'submit'].includes(element.type);
  return (TYPING.has(element.tagName) && !box) || element.isContentEditable === true;
}

export function actionFor(event, focused) {
  if (event.key === 'Escape') return 'close';
  if (event.ctrlKey || event.altKey || event.metaKey || isTyping(focused)) return null;
  return KEYS[event.key] ?? null;
}
