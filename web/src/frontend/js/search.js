// Finds words, settings, symptoms and jobs by any part of their name; names that begin with what was typed come first.
const MOST = 12;

export function found(entries, typed) {
  const words = typed.toLowerCase().trim().split(/\s+/).filter(Boolean);
  if (!words.length) return [];
  const ranked = [];
  for (const entry of entries) {
    const name = entry.name.toLowerCase();
    const all = `${name} ${entry.more.toLowerCase()}`;
    if (!words.every((word) => all.includes(word))) continue;
    const inName = words.every((word) => name.includes(word));
    ranked.push([name === words.join(' ') ? 0 : name.startsWith(words[0]) && inName ? 1 : inName ? 2 : 3, entry]);
  }
  return ranked.sort((one, other) => one[0] - other[0]).slice(0, MOST).map(([, entry]) => entry);
}
