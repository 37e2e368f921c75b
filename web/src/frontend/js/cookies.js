// The reader's preferences live in cookies, so that the server paints the first frame right.
const YEAR_S = 365 * 24 * 60 * 60;

export function preferenceCookie(name, value) {
  return `${name}=${value}; Path=/; Max-Age=${YEAR_S}; SameSite=Lax`;
}

export const THEMES = ['dark', 'light', 'auto'];

export function nextTheme(theme) {
  return THEMES[(THEMES.indexOf(theme) + 1) % THEMES.length];
}

export function nextUnits(units) {
  return units === 'inch' ? 'metric' : 'inch';
}
