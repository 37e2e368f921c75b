// How hot the runs of a route are at a moment: the server says when each burns and how its heat leaves; the page only looks it up.
const LEVELS = ['heat-1', 'heat-2', 'heat-3', 'heat-4'];

function levelOf(line, s, falls) {
  const start = Number(line.dataset.start);
  const end = Number(line.dataset.end);
  if (line.dataset.pass === '0' || s < start) return 0;
  if (s <= end) return 'burns';
  const left = falls[Number(line.dataset.pass) - 1] ?? [];
  const index = left.findIndex((until) => s - end < until);
  return index < 0 ? 0 : index + 1;
}

function clock(s) {
  const whole = Math.round(s);
  return whole < 120 ? `${whole} s` : `${Math.floor(whole / 60)} min ${String(whole % 60).padStart(2, '0')} s`;
}

// Colours the runs drawn, and says in words what is hot; share is from 0 to 1 of the job's time.
export function showHeat(share, { heat: place, lines, picture }) {
  if (!place) return '';
  const s = share * Number(place.dataset.wall);
  const falls = place.dataset.falls.split('|').map((one) => one.split(' ').map(Number));
  const steps = place.dataset.steps.split('|');
  const hot = steps.map(() => []);
  let burning = '';
  [...(lines?.children ?? [])].forEach((line) => {
    const level = levelOf(line, s, falls);
    if (level === 'burns') burning = line.dataset.n;
    else if (level) hot[level - 1].push(line.dataset.n);
    picture.querySelectorAll(`.run-${line.dataset.n}`).forEach((path) => {
      path.classList.remove('burns', ...LEVELS);
      if (level) path.classList.add(level === 'burns' ? level : LEVELS[level - 1]);
    });
  });
  const said = hot.map((runs, i) => (runs.length ? `over ${steps[i]}: run ${runs.join(', ')}` : '')).filter(Boolean);
  return `At ${clock(s)}: ${burning ? `welding run ${burning}` : 'no arc'}; ${said.length ? said.join('; ') : burning ? 'no other run is hot' : 'no run is too hot to touch'}.`;
}
