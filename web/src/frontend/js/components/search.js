// The search overlay: opened with "/", answered by the server while typing, walked with the arrow keys.
export function search() {
  let asked = 0;

  return {
    results: [],
    nothing: false,
    at: 0,

    open() {
      if (this.$root.open) return;
      this.$root.showModal();
      const { field } = this.$refs;
      field.value = '';
      field.focus();
      this.show([], false);
    },

    // Only the answer to the newest question counts.
    async look() {
      const question = (asked += 1);
      const find = this.$refs.field.value.trim();
      if (!find) return this.show([], false);
      try {
        const job = /^\/jobs\/([^/]+)/.exec(window.location.pathname)?.[1] ?? '';
        const found = await (await fetch(`/search.json?${new URLSearchParams({ find, job })}`)).json();
        if (question === asked) this.show(found, found.length === 0);
      } catch {
        if (question === asked) this.show([], false);
      }
    },

    show(found, nothing) {
      this.results = found.map((entry, index) => ({ ...entry, id: `found-${index}`, chosen: index === 0 }));
      this.nothing = nothing;
      this.at = 0;
    },

    walk(event) {
      const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
      if (step && this.results.length) {
        event.preventDefault();
        this.at = (this.at + step + this.results.length) % this.results.length;
        this.results = this.results.map((entry, index) => ({ ...entry, chosen: index === this.at }));
        this.$refs.results.children[this.at + 1]?.scrollIntoView({ block: 'nearest' });
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
      this.$root.close();
      window.location.assign(href);
    },
  };
}
