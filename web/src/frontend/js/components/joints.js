// A file of joints is laid into the list, to be looked at before it is taken.
export function joints() {
  return {
    async changed(event) {
      if (event.target.id !== 'joints-file' || !event.target.files.length) return;
      this.$refs.list.value = await event.target.files[0].text();
      event.target.value = '';
    },
  };
}
