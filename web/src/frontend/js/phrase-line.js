// The line with words said otherwise, whatever their case; at its end where they do not stand as they were read.
export function replaceWords(line, from, to) {
  const at = line.toLowerCase().replaceAll(',', '.').indexOf(from.toLowerCase());
  return at < 0 ? line + ' ' + to : line.slice(0, at) + to + line.slice(at + from.length);
}
