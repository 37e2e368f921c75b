// Where a run stands, as long as the program has not answered: what `RunState` would say of the same events.
export function guess(state, kind, { says: words, touches, after }) {
  const burning = state.stage === 'ARC';
  if (kind === 'ARC_ON' && !burning) {
    return {
      ...state,
      stage: 'ARC',
      says: words.ARC,
      leftS: 0,
      sinceS: 0,
      arcs: state.arcs + 1,
      touch: touches.during,
    };
  }
  if (kind === 'ARC_OFF' && burning) {
    return rest({ ...state, touch: touches.before }, 0, { says: words, after });
  }
  return state;
}

// What follows an arc, so many seconds after it.
export function rest(state, sinceS, { says: words, after }) {
  const { postFlowS: postS, coolS } = after;
  const stage = sinceS < postS ? 'POST_FLOW' : sinceS < coolS ? 'COOLING' : 'CLEAR';
  const leftS = stage === 'POST_FLOW' ? postS - sinceS : stage === 'COOLING' ? coolS - sinceS : 0;
  return { ...state, stage, says: words[stage], leftS, sinceS };
}

// The same state so many seconds later.
export function later(state, s) {
  const { stage } = state;
  return {
    ...state,
    nowS: state.run ? state.nowS + s : state.nowS,
    sinceS: state.sinceS + s,
    leftS: Math.max(0, state.leftS - s),
    arcS: state.arcS + (stage === 'ARC' ? s : 0),
    dutyLeftS: stage === 'ARC' ? Math.max(0, state.dutyLeftS - s) : state.dutyLeftS,
  };
}
