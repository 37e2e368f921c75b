// A list that folds away where the page is narrow: one tap shows all of it, another tap or Escape folds it again.
export function fold() {
  return {
    open: false,

    get shown() {
      return this.open ? 'open' : '';
    },

    turn() {
      this.open = !this.open;
    },

    init() {
      this.away = (event) => {
        if (event.key === 'Escape' || (event.type === 'click' && !this.$el.contains(event.target))) this.open = false;
      };
      window.addEventListener('keydown', this.away);
      window.addEventListener('click', this.away);
    },
  };
}
