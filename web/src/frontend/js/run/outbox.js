// What happened at the booth and is not sent yet. It is kept in the browser's own store, so that neither a lost network nor a page that is closed
// loses it; it goes in order, and again until it is answered. Each has a name of its own, by which the program knows what it has already.
const NAME = 'vast-arc-booth';
const STORE = 'events';
const AGAIN_MS = 2000;

function asked(request) {
  return new Promise((resolve, reject) => {
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(request.error);
  });
}

// The browser's store, or, where it keeps nothing, a list that lives as long as the page.
export async function openStore() {
  try {
    const opening = indexedDB.open(NAME, 1);
    opening.onupgradeneeded = () => opening.result.createObjectStore(STORE, { keyPath: 'seq', autoIncrement: true });
    const base = await asked(opening);
    const within = (mode) => base.transaction(STORE, mode).objectStore(STORE);
    return {
      add: (event) => asked(within('readwrite').add(event)),
      all: () => asked(within('readonly').getAll()),
      remove: (seq) => asked(within('readwrite').delete(seq)),
    };
  } catch {
    return listStore();
  }
}

export function listStore() {
  let list = [];
  let next = 1;
  return {
    async add(event) {
      list.push({ ...event, seq: next });
      return next++;
    },
    all: async () => [...list],
    async remove(seq) {
      list = list.filter((event) => event.seq !== seq);
    },
  };
}

// `send(event, agoS)` answers { taken } or { refused }, or throws where nothing answers. `after(waiting, event, answer)` after each.
export function outbox({ store, send, after, now = Date.now, again = (work) => setTimeout(work, AGAIN_MS) }) {
  let sending = false;
  let waits = false;
  let taps = 0;
  let adding = 0;

  // How many still wait, also those tapped while that is being counted: too many for a moment, never too few.
  async function left(kept) {
    for (;;) {
      const [before, unstored] = [taps, adding];
      const { length } = await kept.all();
      if (before === taps) return length + unstored;
    }
  }

  async function post() {
    if (sending) return;
    sending = true;
    try {
      const kept = await store;
      for (let waiting = await kept.all(); waiting.length; waiting = await kept.all()) {
        const [event] = waiting;
        const answer = await send(event, Math.max(0, (now() - event.at) / 1000));
        await kept.remove(event.seq);
        after(await left(kept), event, answer);
      }
    } catch {
      after((await (await store).all()).length);
      if (!waits) {
        waits = true;
        again(() => {
          waits = false;
          post();
        });
      }
    } finally {
      sending = false;
    }
  }

  return {
    async happened(event) {
      taps += 1;
      adding += 1;
      try {
        const kept = await store;
        await kept.add({ ...event, key: crypto.randomUUID(), at: now() });
      } finally {
        adding -= 1;
      }
      await post();
    },
    post,
  };
}
