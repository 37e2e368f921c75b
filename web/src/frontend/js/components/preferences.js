import { nextTheme, nextUnits, preferenceCookie } from '../cookies.js';

// Units and theme of the reader. Units are the server's business: the page is asked for again and morphed in place.
export function preferences() {
  return {
    theme: document.documentElement.dataset.theme,
    units: document.documentElement.dataset.units,

    get themeName() {
      return { dark: 'Dark', light: 'Light', auto: 'System' }[this.theme];
    },

    search() {
      window.dispatchEvent(new CustomEvent('search'));
    },

    turnTheme() {
      this.theme = nextTheme(this.theme);
      document.documentElement.dataset.theme = this.theme;
      document.cookie = preferenceCookie('theme', this.theme);
    },

    turnUnits() {
      this.units = nextUnits(this.units);
      document.documentElement.dataset.units = this.units;
      document.cookie = preferenceCookie('units', this.units);
      window.dispatchEvent(new CustomEvent('units-turned'));
    },
  };
}
