// One line a place: its address and its marks out of a hundred; then what cost marks.
import { launch } from 'chrome-launcher';
import lighthouse, { desktopConfig } from 'lighthouse';

const [port, theme, screen = 'desktop', only = ''] = process.argv.slice(2);
const address = `http://127.0.0.1:${port}`;
const CATEGORIES = ['performance', 'accessibility', 'best-practices', 'seo'];

async function first(path, pattern) {
  const found = pattern.exec(await (await fetch(address + path)).text());
  return found ? found[1] : null;
}

async function places() {
  const job = await first('/', /\/jobs\/([0-9a-f-]{36})\/sheet/);
  const run = await first('/logbook', /\/logbook\/([0-9a-f-]{36})"/);
  const machine = await first('/machines', /\/machines\/([0-9a-f-]{36})/);
  const steps = ['sheet', 'score', 'panel', 'purge', 'rehearse', 'route', 'run', 'read', 'card'].map((step) => `/jobs/${job}/${step}`);
  return ['/', ...steps, '/day', '/logbook', `/logbook/${run}`, '/logbook/trends', '/drill', '/drill/ask?topic=PANEL_CHECK&seed=5', '/machines',
    `/machines/${machine}`, '/shop', '/shop/prices', '/shop/meters', '/shop/devices', '/joints', '/reference', '/chart'];
}

const chrome = await launch({ chromeFlags: ['--headless=new', '--no-sandbox', '--disable-gpu'] });
const lost = new Map();
let least = 100;
for (const place of (await places()).filter((one) => one.includes(only))) {
  const { lhr } = await lighthouse(address + place, {
    port: chrome.port, onlyCategories: CATEGORIES, logLevel: 'silent', extraHeaders: { Cookie: `theme=${theme}` },
  }, screen === 'phone' ? undefined : desktopConfig);
  if (lhr.runtimeError) console.log(`     ${lhr.runtimeError.code}`);
  const marks = CATEGORIES.map((name) => Math.round(100 * lhr.categories[name].score));
  least = Math.min(least, ...marks);
  console.log(`${marks.map((mark) => String(mark).padStart(4)).join('')}  ${place.replace(/[0-9a-f-]{36}/, '…')}`);
  CATEGORIES.flatMap((name) => lhr.categories[name].auditRefs).filter(({ id, weight }) => weight > 0 && lhr.audits[id].score !== null && lhr.audits[id].score < 0.9)
    .forEach(({ id }) => lost.set(id, [...(lost.get(id) ?? []), place]));
}
lost.forEach((where, id) => console.log(`${id}: ${where.length} places, such as ${where[0]}`));
console.log(`least of all: ${least}`);
await chrome.kill();
