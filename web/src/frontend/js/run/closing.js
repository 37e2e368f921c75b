// The end of a run: closed with what the welder says of it, or dropped.
import { post, troubleOf } from '../requests.js';

export function closing(live) {
  return {
    async drop() {
      try {
        await post(this.address('drop'), this.body({}));
        this.heard.forget();
        window.location.reload();
      } catch (error) {
        this.trouble = troubleOf(error, 'Not dropped: the program does not answer.');
      }
    },

    async closing(event) {
      if (event.target.id !== 'close-form') return;
      event.preventDefault();
      try {
        const answer = await (
          await post(
            this.address('close'),
            this.body({
              ...Object.fromEntries(new FormData(event.target)),
              run: live.shown.run ?? '',
              heard: this.heard.text(live.shown.run),
            }),
          )
        ).json();
        if (answer.to) {
          this.heard.forget();
          window.location.assign(answer.to);
          return;
        }
        document.querySelectorAll('[data-wrong]').forEach((place) => {
          const message = answer[place.dataset.wrong] ?? '';
          place.textContent = message;
          place.hidden = !message;
        });
      } catch (error) {
        this.trouble = troubleOf(error, 'Not closed: the program does not answer. What you typed stays here.');
      }
    },
  };
}
