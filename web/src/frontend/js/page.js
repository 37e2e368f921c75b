// What every page that keeps itself does alike: sends its form, lays the answer over the page, goes through the history.
import Alpine from '@alpinejs/csp';

export function token() {
  return document.querySelector('meta[name=csrf]').content;
}

export async function post(address, body, headers = {}) {
  const answer = await fetch(address, { method: 'POST', body, keepalive: true, headers: { 'X-XSRF-TOKEN': token(), ...headers } });
  if (!answer.ok) throw new Error(`answer ${answer.status}`);
  return answer;
}

export function formBody() {
  return new URLSearchParams(new FormData(document.getElementById('job-form')));
}

// Lays an answered workspace over the one shown. What is being typed stays as it is, only its state is told anew; what the page itself
// draws and says (data-live) is its own. Figures in `fresh` were changed after this answer was asked for.
export function lay(html, job, step, fresh = new Set()) {
  const address = `/jobs/${job}/${step}`;
  if (job && window.location.pathname !== address) window.history.replaceState(null, '', address);
  const focused = document.activeElement;
  Alpine.morph(document.getElementById('workspace'), html, {
    updating(from, to, childrenOnly, skip) {
      if (from.nodeType !== Node.ELEMENT_NODE) return;
      if (from.tagName === 'DETAILS') to.open = from.open;
      if (from.classList.contains('why') || from.hasAttribute('data-live')) skip();
      if (from === focused && from.matches('input[type=text], textarea')) {
        if (to.hasAttribute('aria-invalid')) from.setAttribute('aria-invalid', to.getAttribute('aria-invalid'));
        skip();
      }
    },
  });
  document.querySelectorAll('input[data-name]').forEach((input) => {
    if (input !== focused && !fresh.has(input.dataset.name)) input.value = input.getAttribute('value') ?? '';
  });
  showHistory();
}

export function showHistory() {
  const { undo, redo } = document.getElementById('workspace').dataset;
  document.querySelector('[data-history=undo]').disabled = undo !== 'true';
  document.querySelector('[data-history=redo]').disabled = redo !== 'true';
}

// Asks for the step before or after, and lays it over the page as a whole.
export async function travelHistory(way, step) {
  const base = window.location.pathname.replace(/\/[^/]+$/, '');
  document.activeElement?.blur();
  const answer = await post(`${base}/${step}/${way}`, new URLSearchParams({ compare: document.getElementById('choose-compare')?.value ?? '' }));
  lay(await answer.text(), null, step);
}
