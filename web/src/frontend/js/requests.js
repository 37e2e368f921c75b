// Asks the program, with the token of this page, and says in words what went wrong.
const tokenIn = (page) => page.querySelector('meta[name=csrf]');

export function token() {
  return tokenIn(document).content;
}

// Why a change was not kept, where the program answered.
export class Refusal extends Error {
  constructor(status, said) {
    super(said || `answer ${status}`);
    this.status = status;
    this.said = said;
  }
}

// The program did not answer at all.
export class Silence extends Error {}

async function reach(address, options) {
  try {
    return await fetch(address, options);
  } catch {
    throw new Silence();
  }
}

function send(address, body, headers) {
  return reach(address, {
    method: 'POST',
    body,
    keepalive: body instanceof URLSearchParams,
    headers: { 'X-XSRF-TOKEN': token(), ...headers },
  });
}

// The token is asked for anew: the program may have been started afresh, or the browser's cookies cleared, since this page was opened.
async function renewToken() {
  const page = await (await reach(window.location.pathname)).text();
  const meta = tokenIn(new DOMParser().parseFromString(page, 'text/html'));
  if (meta) tokenIn(document).content = meta.content;
}

// The answer, whatever it says.
export async function ask(address, body, headers = {}) {
  const answer = await send(address, body, headers);
  if (answer.status !== 403) return answer;
  await renewToken();
  return send(address, body, headers);
}

const CROWDED = 409;
const DISK_FULL = 507;

// The answer, where it is one that took what was sent.
export async function post(address, body, headers = {}) {
  const answer = await ask(address, body, headers);
  if (!answer.ok)
    throw new Refusal(answer.status, [CROWDED, DISK_FULL].includes(answer.status) ? await answer.text() : '');
  return answer;
}

// What to tell the hand: what the program said, or, where it said nothing, the words given.
export function troubleOf(error, silent) {
  if (error instanceof Silence) return silent;
  if (error instanceof Refusal)
    return (
      error.said ||
      `The program could not do this (${error.status}). Load the page again; everything saved is still there.`
    );
  console.error(error);
  return 'Something went wrong on this page. Load it again; what was kept is there.';
}
