import { upload } from '../upload.js';

// A register of the shop: the certificate of a paper is handed in as a file.
export function register() {
  return {
    trouble: '',

    async changed({ target }) {
      if (!target.dataset.file || !target.files.length) return;
      const [file] = target.files;
      this.trouble = await upload(`${target.dataset.file}&name=${encodeURIComponent(file.name)}`, file, {
        large: 'This file was not kept: it is larger than 2 MB. Scan it coarser, or save it as a PDF.',
        silent: 'The file was not kept: the program does not answer.',
      });
      target.value = '';
    },
  };
}
