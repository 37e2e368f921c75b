import { found } from '../search.js';

// The search overlay: opened with "/", filtered while typing, walked with the arrow keys.
export function search() {
  let entries = [];
  let jobs = [];
  let asked = 0;

  return {
    results: [],
    at: 0,

    async open() {
      const overlay = document.getElementById('search');
      if (overlay.open) return;
      overlay.showModal();
      const field = document.getElementById('search-field');
      field.value = '';
      this.results = [];
      field.focus();
      try {
        entries = await (await fetch('/search.json')).json();
        this.look();
      } catch {
        entries = [];
      }
    },

    // What is fixed is found here; jobs are asked for, as there may be thousands. Only the newest question counts.
    async look() {
      this.list();
      const question = (asked += 1);
      const typed = document.getElementById('search-field').value.trim();
      try {
        const found = typed ? await (await fetch(`/search/jobs.json?${new URLSearchParams({ find: typed })}`)).json() : [];
        if (question !== asked) return;
        jobs = found;
        this.list();
      } catch {
        jobs = [];
      }
    },

    list() {
      this.results = found([...jobs, ...entries], document.getElementById('search-field').value).map((entry, index) => ({ ...entry, id: `found-${index}`, chosen: index === 0 }));
      this.at = 0;
    },

    walk(event) {
      const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
      if (step && this.results.length) {
        event.preventDefault();
        this.at = (this.at + step + this.results.length) % this.results.length;
        this.results = this.results.map((entry, index) => ({ ...entry, chosen: index === this.at }));
        document.getElementById(`found-${this.at}`)?.scrollIntoView({ block: 'nearest' });
      } else if (event.key === 'Enter' && this.results.length) {
        event.preventDefault();
        this.go(this.results[this.at].href);
      }
    },

    clicked(event) {
      const line = event.target.closest('[data-href]');
      if (line) this.go(line.dataset.href);
    },

    go(href) {
      document.getElementById('search').close();
      window.location.assign(href);
    },
  };
}
