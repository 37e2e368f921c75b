const SVG = 'http://www.w3.org/2000/svg';
const MARK = 'h4v4h-4Z';

function shown(value, unit) {
  const digits = value < 10 ? 1 : 0;
  return `${value < 100 ? value.toFixed(digits) : Math.round(value).toLocaleString('en-US').replaceAll(',', '\u202f')} ${unit}`;
}

// Listens to the meter beside a purge; the server says where each reading lies in the chart.
export function listener(told, parts) {
  let line = null;
  let to = '';
  let marks = [];
  let heard = 0;

  const draw = () => {
    const chart = parts().chart?.firstElementChild;
    if (!chart) return;
    let path = chart.querySelector('.heard');
    if (!path) {
      path = document.createElementNS(SVG, 'path');
      path.setAttribute('class', 'reading heard');
      chart.append(path);
    }
    path.setAttribute('d', marks.map((mark) => `M${mark}${MARK}`).join(''));
  };

  const hear = (readings) => {
    readings
      .filter(({ at }) => at)
      .forEach(({ at }) => {
        const [x, y] = at.split(' ').map(Number);
        marks.push(`${(x - 2).toFixed(1)} ${(y - 2).toFixed(1)}`);
      });
    draw();
    const oxygen = readings.filter(({ ppm }) => ppm > 0).at(-1);
    const flow = readings.filter(({ at, ppm }) => !at && !ppm).at(-1);
    heard += readings.filter(({ ppm }) => ppm > 0).length;
    told({
      heard,
      ppm: oxygen ? shown(oxygen.ppm, 'ppm') : '',
      reached: oxygen?.reached ?? false,
      flow: flow ? shown(flow.flow, 'L/min') : '',
      says: flow?.says ?? '',
      inside: oxygen?.inside ?? '',
    });
  };

  return {
    // One line as long as the page says that a meter is listened to; another one where another purge has begun: then it is told so.
    follow(address) {
      const { wait } = parts();
      const wanted = wait?.dataset.listen ? `${wait.dataset.listen} ${wait.dataset.started}` : '';
      if (wanted === to) {
        draw();
        return false;
      }
      line?.close();
      line = null;
      marks = [];
      heard = 0;
      to = wanted;
      if (wanted) {
        line = new EventSource(address);
        line.onmessage = (event) => hear(JSON.parse(event.data));
      }
      return true;
    },
  };
}
