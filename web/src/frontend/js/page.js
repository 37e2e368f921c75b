// What every page that keeps itself does alike: sends its form, lays the answer over the page, goes through the history.
import Alpine from './morph.js';
import { post } from './requests.js';

// Which fields a hand has changed, counted stroke by stroke, and how far the last form sent had got.
const strokes = new Map();
let stroke = 0;
let sent = 0;

// What is typed was counted key by key: that it was left then is no stroke of its own, and nothing would be sent for it.
const isTyped = (control) => control.matches('input[type=text], textarea');

['input', 'change'].forEach((kind) =>
  document.addEventListener(
    kind,
    (event) => {
      if (kind === 'input' || !isTyped(event.target)) strokes.set(event.target.name, (stroke += 1));
    },
    true,
  ),
);

const plain = (form) => new URLSearchParams(new FormData(form));

export const jobForm = () => document.getElementById('job-form');

const workspace = () => document.getElementById('workspace');

// The version of the job that is shown.
export const version = () => jobForm()?.elements.version?.value ?? '';

export function formBody(read = plain) {
  sent = stroke;
  return read(jobForm());
}

const parsed = (html) => new DOMParser().parseFromString(html, 'text/html');

// Parts of an answered page in place of the same parts of the page shown; one that lies in another in the answer is taken out of it first.
export function replaceParts(html, ...parts) {
  const page = parsed(html);
  parts.forEach((part) => {
    const fresh = page.getElementById(part.id);
    if (fresh) part.replaceWith(fresh);
  });
}

const optionSent = (select) => select.querySelector('option[selected]') ?? select.options[0];

// How a control stood when the server last laid it: its attributes, not its properties.
function stood(control) {
  if (control.matches('input[type=checkbox], input[type=radio]'))
    return control.hasAttribute('checked') ? [control.value] : [];
  if (control.matches('select')) return [optionSent(control)?.value ?? ''];
  return [control.getAttribute('value') ?? ''];
}

// A form with what it showed before the hand changed it, so that the server takes only what was changed.
export function bodyWithSeen(form) {
  const body = plain(form);
  const rows = new Set();
  [...form.elements]
    .filter((control) => control.dataset.name || control.name)
    .forEach((control) => {
      const name = control.dataset.name ?? control.name;
      if (!rows.has(name) && control.type === 'checkbox') body.append(`was.${name}`, '');
      rows.add(name);
      stood(control).forEach((value) => body.append(`was.${name}`, value));
    });
  return body;
}

// What an answer says of a control is what it shows: attributes say how it was sent, properties how it stands.
export function settle(control) {
  if (control.matches('input[type=checkbox], input[type=radio]')) {
    control.checked = control.hasAttribute('checked');
  } else if (control.matches('select')) {
    const chosen = optionSent(control);
    if (chosen) control.value = chosen.value;
  } else if (control.matches('textarea')) {
    control.value = control.textContent;
  } else {
    control.value = control.getAttribute('value') ?? '';
  }
}

// Every control but the one being typed into, those of the page's own, and those changed after this answer was asked for.
function settleAll(focused, fresh) {
  workspace()
    .querySelectorAll('input, select, textarea')
    .forEach((control) => {
      const typing = control === focused && isTyped(control);
      const newer = fresh.has(control.dataset.name) || (strokes.get(control.name) ?? 0) > sent;
      if (!typing && !newer && !control.closest('[data-live]') && control.type !== 'file') settle(control);
    });
}

// Lays an answered workspace over the one shown. What is being typed stays as it is, only its state is told anew; what the page itself
// draws and says (data-live) is its own. Figures in `fresh` were changed after this answer was asked for.
export function lay(html, job, step, fresh = new Set()) {
  const address = `/jobs/${job}/${step}`;
  if (job && window.location.pathname !== address) window.history.replaceState(null, '', address);
  const focused = document.activeElement;
  Alpine.morph(workspace(), html, {
    // What a hand has opened stays the same thing, whatever comes or goes beside it.
    key: (element) => (element.tagName === 'DETAILS' ? element.id : null),
    updating(from, to, childrenOnly, skip) {
      if (from.nodeType !== Node.ELEMENT_NODE) return;
      if (from.tagName === 'DETAILS') to.open = from.open;
      if (from.classList.contains('why') || from.hasAttribute('data-live')) skip();
      if (from === focused && isTyped(from)) {
        if (to.hasAttribute('aria-invalid')) from.setAttribute('aria-invalid', to.getAttribute('aria-invalid'));
        skip();
      }
    },
  });
  settleAll(focused, fresh);
  showHistory();
}

// Whether a change is on its way to the server, told to assistive technology too.
export function tellSaving(on) {
  workspace().setAttribute('aria-busy', String(on));
}

export function showHistory() {
  document.querySelectorAll('[data-history]').forEach((button) => {
    button.disabled = workspace().dataset[button.dataset.history] !== 'true';
  });
}

let travelling = Promise.resolve();

// Asks for the step before or after, and lays it over the page as a whole; one after the other, however fast the hand is.
export function travelHistory(way, step) {
  travelling = travelling.catch(() => {}).then(() => travel(way, step));
  return travelling;
}

async function travel(way, step) {
  const base = window.location.pathname.replace(/\/[^/]+$/, '');
  document.activeElement?.blur();
  const told = new URLSearchParams({ compare: jobForm()?.elements.compare?.value ?? '' });
  if (version()) told.set('version', version());
  sent = stroke;
  const answer = await post(`${base}/${step}/${way}`, told);
  lay(await answer.text(), null, step);
}

// The job was changed on another device or in another window: what it says there is laid over what is shown here, unless a stroke of this hand
// is on its way, which then meets the other in the program.
function isOnItsWay() {
  const { elements } = jobForm();
  return [...strokes].some(([name, at]) => at > sent && name && elements[name]);
}

export async function catchUp(reached) {
  const busy = workspace()?.getAttribute('aria-busy') === 'true';
  if (!(reached > Number(version())) || busy || isOnItsWay()) return;
  const answer = await fetch(window.location.pathname);
  if (!answer.ok || isOnItsWay()) return;
  const page = parsed(await answer.text()).getElementById('workspace');
  if (page) lay(page.outerHTML, null, '');
}
