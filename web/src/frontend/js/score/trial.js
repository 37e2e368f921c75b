// A hand's own touches, from the first one on. The foot moves evenly while the key is down or up.
export const FOOT_TRAVEL_S = 1.2;

export function trial(input) {
  const touches = [];
  let down = false;
  let started = null;

  const now = (clock) => (started === null ? 0 : (clock - started) / 1000);

  // Where the foot is on its way between the last two known places.
  function footAt(t) {
    const known = touches.filter((touch) => touch.kind === 'FOOT');
    const after = known.find((touch) => touch.atS > t);
    const before = [...known].reverse().find((touch) => touch.atS <= t) ?? { atS: 0, foot: 0 };
    if (!after) return before.foot;
    return before.foot + ((after.foot - before.foot) * (t - before.atS)) / (after.atS - before.atS);
  }

  function moveFoot(t, to) {
    const from = footAt(t);
    while (touches.length && touches[touches.length - 1].atS > t) touches.pop();
    touches.push({ atS: t, kind: 'FOOT', foot: from });
    touches.push({ atS: t + Math.abs(to - from) * FOOT_TRAVEL_S + 0.001, kind: 'FOOT', foot: to });
  }

  return {
    // True where the touch is new: a key that repeats is not.
    touch(press, clock) {
      if (press === down || (started === null && !press)) return false;
      down = press;
      started ??= clock;
      if (input === 'FOOT') moveFoot(now(clock), press ? 1 : 0);
      else touches.push({ atS: now(clock), kind: press ? 'PRESS' : 'RELEASE' });
      return true;
    },
    valve(open, clock) {
      started ??= clock;
      touches.push({ atS: now(clock), kind: open ? 'VALVE_OPEN' : 'VALVE_CLOSE' });
    },
    now,
    started: () => started !== null,
    touches: () => touches,
  };
}
