// Between places in a drawing and values of a plot whose second axis rises from the bottom.

export function valued({ left, right, top, bottom, x, y }, at) {
  return {
    x: x[0] + ((at.x - left) / (right - left)) * (x[1] - x[0]),
    y: y[0] + ((bottom - at.y) / (bottom - top)) * (y[1] - y[0]),
  };
}

export function placed({ left, right, top, bottom, x, y }, value) {
  return {
    x: left + ((value.x - x[0]) / (x[1] - x[0])) * (right - left),
    y: bottom - ((value.y - y[0]) / (y[1] - y[0])) * (bottom - top),
  };
}

export function within({ x, y }, value) {
  return { x: Math.min(x[1], Math.max(x[0], value.x)), y: Math.min(y[1], Math.max(y[0], value.y)) };
}
