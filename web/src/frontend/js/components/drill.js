import { isTyping } from '../keymap.js';

// The drill by keyboard: digits choose, Enter goes on.
export function drill() {
  return {
    press(event) {
      if (isTyping(document.activeElement) || event.ctrlKey || event.altKey || event.metaKey) return;
      const choice = document.querySelector(`[data-key="${CSS.escape(event.key)}"]`);
      const next = event.key === 'Enter' && !document.activeElement?.closest('button, a') ? document.getElementById('next') : null;
      const wanted = choice ?? next;
      if (!wanted) return;
      event.preventDefault();
      event.stopPropagation();
      wanted.click();
    },
  };
}
