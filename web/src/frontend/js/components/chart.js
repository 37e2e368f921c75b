// The wall chart: a choice shows it at once.
export function chart() {
  return {
    choose() {
      document.getElementById('chart-form').requestSubmit();
    },
    print() {
      window.print();
    },
  };
}
