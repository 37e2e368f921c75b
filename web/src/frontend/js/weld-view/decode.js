// What the server sends in base64: lengths of 16 bits with sign and times of 16 bits without, both in units of their own, and bytes.
const NOT_YET = 0xffff;

export function bytes(text) {
  return Uint8Array.from(atob(text), (letter) => letter.charCodeAt(0));
}

function lengths(text, unitMm) {
  const view = new DataView(bytes(text).buffer);
  return Float32Array.from({ length: view.byteLength / 2 }, (_, i) => view.getInt16(2 * i, true) * unitMm);
}

// Seconds; infinite where it has not come to that yet.
function times(text, unitS) {
  const view = new DataView(bytes(text).buffer);
  return Float32Array.from({ length: view.byteLength / 2 }, (_, i) => {
    const units = view.getUint16(2 * i, true);
    return units === NOT_YET ? Infinity : units * unitS;
  });
}

function strip(told, { unitMm, unitS }) {
  return {
    across: told.across,
    y: lengths(told.y, unitMm),
    z: lengths(told.z, unitMm),
    place: lengths(told.place, unitMm),
    frozen: times(told.frozen, unitS),
  };
}

// The surface of a bead as it is drawn.
export function surface(told) {
  return {
    lines: told.lines,
    stepMm: told.stepMm,
    front: strip(told.front, told),
    back: strip(told.back, told),
    melted: times(told.melted, told.unitS),
    width: lengths(told.width, told.unitMm),
    backWidth: lengths(told.backWidth, told.unitMm),
    holes: bytes(told.holes),
    laidMm3: told.laidMm3,
    addedMm3: told.addedMm3,
    rippleS: told.rippleS,
  };
}
