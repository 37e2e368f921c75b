// The wall chart: a choice shows it at once.
export function chart() {
  return {
    choose() {
      this.$refs.form.requestSubmit();
    },
    print() {
      window.print();
    },
  };
}
