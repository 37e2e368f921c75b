// One change at a time on the wire: what comes in while one is under way is sent once, afterwards, with the newest state.
export function saver(send, tell = () => {}) {
  let running = false;
  let again = false;

  async function run() {
    if (running) {
      again = true;
      return;
    }
    running = true;
    try {
      do {
        again = false;
        tell(true);
        await send();
      } while (again);
    } finally {
      running = false;
      tell(false);
    }
  }

  return { run, busy: () => running };
}
