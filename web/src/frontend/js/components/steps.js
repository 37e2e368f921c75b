// The steps of a job in one row; where the page is narrow the row is swiped, and the present step is brought into view.
export function steps() {
  return {
    async init() {
      // Before the letters are there, every step has another width.
      await document.fonts.ready;
      this.$el.querySelector('[aria-current]')?.scrollIntoView({ inline: 'center', block: 'nearest' });
    },
  };
}
