// What has sounded in the run under way, kept on the device until the run is closed: a page that is loaded again goes on with it.
const BEATS = new Set(['DAB', 'TRAVEL']);
const MOST_CUES = 100;

const nothing = (run) => ({ run, level: '', beats: 0, cues: [] });

export function heardLog(job, storage = window.localStorage) {
  const key = `heard:${job}`;

  function kept() {
    try {
      return JSON.parse(storage.getItem(key)) ?? nothing('');
    } catch {
      return nothing('');
    }
  }

  // What belongs to a run; one that has just begun has no name yet.
  function of(run) {
    const log = kept();
    return log.run && run && log.run !== run ? nothing(run) : { ...log, run: run || log.run };
  }

  function keep(log) {
    try {
      storage.setItem(key, JSON.stringify(log));
    } catch {
      // A browser that keeps nothing tells nothing.
    }
  }

  return {
    note(run, level, kind, s) {
      const log = of(run);
      log.level = level;
      if (BEATS.has(kind)) log.beats += 1;
      else if (log.cues.length < MOST_CUES) log.cues.push([Math.max(0, Math.round(1000 * s) / 1000), kind]);
      keep(log);
    },

    // As the program reads it; empty where nothing has sounded.
    text(run) {
      const { level, beats, cues } = of(run);
      return level ? JSON.stringify({ level, beats, cues }) : '';
    },

    forget() {
      try {
        storage.removeItem(key);
      } catch {
        // Nothing was kept.
      }
    },
  };
}
