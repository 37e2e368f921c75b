// A page of the reference narrowed to the lines that hold what is typed.
export function sift() {
  return {
    said: '',

    look(event) {
      const wanted = event.target.value.trim().toLowerCase();
      const lines = [...document.querySelectorAll('[data-sifted] > *')];
      lines.forEach((line) => {
        line.hidden = !line.textContent.toLowerCase().includes(wanted);
      });
      const left = lines.filter((line) => !line.hidden).length;
      this.said = wanted ? `${left} of ${lines.length}` : '';
    },
  };
}
