// Builds styles, scripts, fonts and icons into <out>/static/assets and <out>/templates. Called by Maven; does nothing when nothing changed.
import { createHash } from 'node:crypto';
import { execFileSync } from 'node:child_process';
import { copyFileSync, existsSync, mkdirSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { inflateSync } from 'node:zlib';

const ICONS = [
  'copy',
  'keyboard',
  'plus',
  'ruler',
  'sun-moon',
  'trash-2',
  'undo-2',
  'x',
  'triangle-alert',
  'arrow-left',
  'play',
  'volume-2',
  'redo-2',
  'search',
  'menu',
  'chevron-down',
  'arrow-down-up',
];
const FONTS = [
  '@fontsource-variable/archivo-narrow/files/archivo-narrow-latin-wght-normal.woff2',
  '@fontsource/b612-mono/files/b612-mono-latin-400-normal.woff2',
  '@fontsource/b612-mono/files/b612-mono-latin-700-normal.woff2',
];
// On paper every sign must be there (≤, Ω, →): the complete face, in the form that a PDF takes.
const PAPER = ['Regular', 'SemiBold'].map((weight) => `IBMPlexSans-${weight}`);
const templates = '../main/resources/templates';
const out = process.argv[2] ?? '../../target/frontend';
const assets = join(out, 'static/assets');

function files(folder) {
  return readdirSync(folder, { withFileTypes: true })
    .filter((entry) => entry.name !== 'node_modules')
    .flatMap((entry) => (entry.isDirectory() ? files(join(folder, entry.name)) : [join(folder, entry.name)]));
}

function hash(names, ...more) {
  const sum = createHash('sha256');
  names.sort().forEach((name) => sum.update(name).update(readFileSync(name)));
  more.forEach((text) => sum.update(text));
  return sum.digest('hex');
}

function fresh(stamp, wanted) {
  return existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted;
}

function install() {
  const wanted = hash(['package.json', 'package-lock.json'], process.version);
  if (fresh('node_modules/.stamp', wanted)) return;
  execFileSync('npm', ['ci', '--no-audit', '--no-fund'], { stdio: ['ignore', 'ignore', 'inherit'] });
  writeFileSync('node_modules/.stamp', wanted);
}

function sprite() {
  const symbols = ICONS.map((name) => {
    const svg = readFileSync(`node_modules/lucide-static/icons/${name}.svg`, 'utf8');
    const inner = svg.slice(svg.indexOf('>', svg.indexOf('<svg')) + 1, svg.lastIndexOf('</svg>')).trim();
    return `<symbol id="${name}" viewBox="0 0 24 24">${inner}</symbol>`;
  });
  writeFileSync(join(assets, 'icons.svg'), `<svg xmlns="http://www.w3.org/2000/svg">${symbols.join('')}</svg>`);
}

// A WOFF is a TTF whose tables may be deflated, under another table of contents.
function ttf(woff) {
  const count = woff.readUInt16BE(12);
  const tables = Array.from({ length: count }, (_, i) => {
    const at = 44 + 20 * i;
    const raw = woff.subarray(woff.readUInt32BE(at + 4), woff.readUInt32BE(at + 4) + woff.readUInt32BE(at + 8));
    const length = woff.readUInt32BE(at + 12);
    return {
      tag: woff.subarray(at, at + 4),
      sum: woff.readUInt32BE(at + 16),
      data: raw.length < length ? inflateSync(raw) : raw,
    };
  });
  const head = Buffer.alloc(12 + 16 * count);
  const power = Math.floor(Math.log2(count));
  head.writeUInt32BE(woff.readUInt32BE(4), 0);
  [count, 16 * 2 ** power, power, 16 * count - 16 * 2 ** power].forEach((value, i) =>
    head.writeUInt16BE(value, 4 + 2 * i),
  );
  let at = head.length;
  const bodies = tables.map((table, i) => {
    table.tag.copy(head, 12 + 16 * i);
    [table.sum, at, table.data.length].forEach((value, k) => head.writeUInt32BE(value, 16 + 16 * i + 4 * k));
    const padded = Buffer.concat([table.data, Buffer.alloc((4 - (table.data.length % 4)) % 4)]);
    at += padded.length;
    return padded;
  });
  return Buffer.concat([head, ...bodies]);
}

function paper() {
  mkdirSync(join(out, 'paper'), { recursive: true });
  PAPER.forEach((name) =>
    writeFileSync(
      join(out, 'paper', `${name}.ttf`),
      ttf(readFileSync(`node_modules/@ibm/plex-sans/fonts/complete/woff/${name}.woff`)),
    ),
  );
  copyFileSync('paper.css', join(out, 'paper/paper.css'));
  copyFileSync('paper.css', join(assets, 'paper.css'));
}

install();
const wanted = hash([...files('.').filter((name) => !name.includes('node_modules')), ...files(templates)]);
if (fresh(join(out, '.stamp'), wanted)) process.exit(0);

rmSync(out, { recursive: true, force: true });
mkdirSync(assets, { recursive: true });
FONTS.forEach((font) => copyFileSync(join('node_modules', font), join(assets, font.split('/').pop())));
sprite();
paper();
execFileSync('node_modules/.bin/tailwindcss', ['-i', 'app.css', '-o', join(assets, 'app.css'), '--minify'], {
  stdio: ['ignore', 'ignore', 'pipe'],
});
// A place's page loads what all have in common and its own script, no more.
const scripts = ['js/app.js', ...files('js/places')];
const asModules = [
  '--bundle',
  '--splitting',
  '--minify',
  '--format=esm',
  '--target=es2022',
  '--entry-names=[name]',
  '--chunk-names=shared-[hash]',
  '--legal-comments=external',
];
execFileSync('node_modules/.bin/esbuild', [...scripts, ...asModules, `--outdir=${assets}`, '--log-level=warning'], {
  stdio: 'inherit',
});
writeFileSync(join(out, '.stamp'), wanted);
