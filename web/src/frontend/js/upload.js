import { ask, troubleOf } from './requests.js';

const TOO_LARGE = 413;

// Sends a file as it is and loads the page again; where it was not kept, why not.
export async function upload(address, file, { large, silent }) {
  try {
    const answer = await ask(address, file, { 'Content-Type': 'application/octet-stream' });
    if (!answer.ok) return answer.status === TOO_LARGE ? large : await answer.text();
    window.location.reload();
    return '';
  } catch (error) {
    return troubleOf(error, silent);
  }
}
