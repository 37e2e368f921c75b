import { isTyping } from '../keymap.js';

const OWN_KEYS = new Set(
  '? h n m u t / b Tab Escape Shift Control Alt Meta AltGraph CapsLock ArrowUp ArrowDown ArrowLeft ArrowRight Home End'.split(
    ' ',
  ),
);

// A foot switch that types, or any key that means nothing else.
export function isFoot(event) {
  const focused = document.activeElement;
  if (event.repeat || event.ctrlKey || event.altKey || event.metaKey) return false;
  if (OWN_KEYS.has(event.key) || /^[1-9]$/.test(event.key) || isTyping(focused)) return false;
  if (document.querySelector('dialog[open]')) return false;
  const presses = (event.key === ' ' || event.key === 'Enter') && focused?.closest('button, a, summary, input, select');
  return !presses || focused.id === 'arc-button';
}
