// The day: a turn dragged to another place is asked for as an address of its own, so that it can be reloaded, printed and sent on.
export function day() {
  let held = null;

  return {
    grab(event) {
      held = event.target.closest('[data-turn]')?.dataset.turn ?? null;
      if (held) event.dataTransfer.effectAllowed = 'move';
    },

    over(event) {
      if (held && event.target.closest('[data-turn]')) event.preventDefault();
    },

    drop(event) {
      const onto = event.target.closest('[data-turn]');
      if (held === null || !onto) return;
      event.preventDefault();
      const { turns, query } = this.$refs.turns.dataset;
      const moved = turns.split('.');
      moved.splice(Number(onto.dataset.turn), 0, moved.splice(Number(held), 1)[0]);
      held = null;
      window.location.assign(`/day?${query}&turns=${moved.join('.')}`);
    },
  };
}
