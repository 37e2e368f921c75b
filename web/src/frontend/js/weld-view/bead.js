// The bead and the faces beside it, as they are at one moment: where they lie, what colour they have, what shines.
import { BufferGeometry, Float32BufferAttribute } from 'three';
import { oldFace, read, readers } from './faces.js';
import { mapping } from './mapping.js';
import { sheetIndex } from './solids.js';

const GROWS_OF_MOLTEN = 0.35;
const LEAST_GROWTH_S = 0.05;
// The face goes on so far under the bead, so that nothing shines through between them.
const UNDER_MM = 0.12;
const HOLE_MM = 0.8;
export const COLD = [0.115, 0.135, 0.147];
const BEAD = [0.25, 0.262, 0.265];
const HOLE = [0.004, 0.004, 0.004];
const WIDER = [0.75, 0.13, 0.03];
const NARROWER = [0.05, 0.22, 0.5];
const FULL_MM = 1;
const FULL_K = 250;

function attributes(geometry, count) {
  for (const name of ['position', 'color', 'shine']) {
    geometry.setAttribute(name, new Float32BufferAttribute(new Float32Array(3 * count), 3));
  }
  return geometry;
}

// How far a line of the bead has come at a moment: 0 before it melts, 1 once the pool stands over it.
export function grown(bead, line, s) {
  const melted = bead.melted[line];
  if (!(s >= melted)) return 0;
  const { across, frozen } = bead.front;
  const froze = frozen[line * across + (across >> 1)];
  const takes = Math.max(LEAST_GROWTH_S, GROWS_OF_MOLTEN * (Number.isFinite(froze) ? froze - melted : 1));
  return Math.min(1, (s - melted) / takes);
}

// One side of the joint: the bead on it, and the face to both sides of the root.
export class Side {
  // `name` is front or back.
  constructor(scene, film, name) {
    this.scene = scene;
    this.film = film;
    this.name = name;
    this.at = mapping(scene);
    const { layout } = film;
    this.places = name === 'front' ? layout.frontMm : layout.backMm;
    this.old = oldFace(this.places, layout[`${name}At`], layout.mirrored, name === 'front');
    this.plane = layout.columns * this.places.length;
    this.strips = [-1, 1].map((side) => this.strip(side)).filter((strip) => strip.places.length > 1);
    this.bead = { geometry: new BufferGeometry(), surface: null };
  }

  get geometries() {
    return [this.bead.geometry, ...this.strips.map((strip) => strip.geometry)];
  }

  // The face to one side of the root, from there outward.
  strip(side) {
    const { columns, columnMm, ring } = this.film.layout;
    const mine = this.old.places.filter((place) => place * side > 0).sort((a, b) => Math.abs(a) - Math.abs(b));
    const places = mine.length ? [0, ...mine] : [];
    const xs = Array.from({ length: columns }, (_, i) => (i + 0.5) * columnMm);
    if (!ring && columns) {
      xs[0] = 0;
      xs[columns - 1] = this.scene.lengthMm;
    }
    const geometry = attributes(new BufferGeometry(), xs.length * places.length);
    geometry.setIndex(sheetIndex(xs.length, places.length, ring));
    const points = xs.flatMap((x) => places.map((place) => [x, place]));
    return { side, places, xs, geometry, reader: readers(this.film.layout, this.places, points) };
  }

  // Takes the bead as it is known by now.
  take(surface) {
    if (this.bead.surface === surface) return;
    this.bead.surface = surface;
    this.bead.strip = surface[this.name];
    const { lines, stepMm } = surface;
    const { across, place } = this.bead.strip;
    if (this.bead.geometry.getAttribute('position')?.count !== lines * across) {
      attributes(this.bead.geometry, lines * across);
      this.bead.geometry.setIndex(sheetIndex(lines, across, this.film.layout.ring));
    }
    const points = Array.from({ length: lines * across }, (_, n) => [
      (Math.floor(n / across) + 0.5) * stepMm,
      place[n],
    ]);
    this.bead.reader = readers(this.film.layout, this.places, points);
  }

  // Lays everything as it is `s` seconds after the strike; `other` is another film that is held against it.
  lay(frame, s, looks, other) {
    const hot = {
      planes: frame[this.name],
      s,
      looks,
      other: other && { planes: other.frame[this.name], bead: other.bead },
    };
    if (this.bead.surface) this.layBead(hot);
    this.strips.forEach((strip) => this.layStrip(strip, hot));
    this.geometries.forEach((geometry) => {
      if (!geometry.getAttribute('position')) return;
      geometry.computeVertexNormals();
      geometry.computeBoundingSphere();
    });
  }

  // How far the bead covers the face by now at a place of the seam and beside it: what is less of it is left to the face.
  covers(x, s) {
    const { surface, strip } = this.bead;
    const bare = [-UNDER_MM, UNDER_MM];
    if (!surface) return bare;
    const { columnMm } = this.film.layout;
    const { lines, stepMm } = surface;
    const [from, to] = [x - columnMm, x + columnMm].map((mm) =>
      Math.max(0, Math.min(lines - 1, Math.floor(mm / stepMm))),
    );
    let [left, right] = [-Infinity, Infinity];
    for (let line = from; line <= to; line += 1) {
      if (grown(surface, line, s) < 1) return bare;
      left = Math.max(left, strip.place[line * strip.across]);
      right = Math.min(right, strip.place[(line + 1) * strip.across - 1]);
    }
    return [Math.min(left, bare[0]), Math.max(right, bare[1])];
  }

  layBead(hot) {
    const { surface, strip, geometry, reader } = this.bead;
    const position = geometry.getAttribute('position');
    const front = this.name === 'front';
    for (let line = 0; line < surface.lines; line += 1) {
      const share = grown(surface, line, hot.s);
      const hole = share === 1 && surface.holes[line];
      const x = (line + 0.5) * surface.stepMm;
      for (let i = 0; i < strip.across; i += 1) {
        const n = line * strip.across + i;
        let y = strip.y[n];
        let z = strip.z[n];
        if (share < 1) {
          const [oldY, oldZ] = this.old.at(share * strip.place[n]);
          y = oldY + share * (y - this.old.at(strip.place[n])[0]);
          z = oldZ + share * (z - this.old.at(strip.place[n])[1]);
        }
        const inside = i > strip.across / 4 && i < (3 * strip.across) / 4;
        if (hole && inside) z += front ? HOLE_MM : -HOLE_MM;
        position.setXYZ(n, ...this.at(x, y, z));
        if (hole && inside) this.paint(geometry, n, HOLE, null, hot.looks);
        else this.colour(geometry, n, reader, hot, share > 0);
      }
    }
    position.needsUpdate = true;
  }

  layStrip({ places, xs, geometry, reader, side }, hot) {
    const position = geometry.getAttribute('position');
    xs.forEach((x, column) => {
      const [left, right] = this.covers(x, hot.s);
      places.forEach((place, i) => {
        const n = column * places.length + i;
        const shown = side < 0 ? Math.min(place, left + UNDER_MM) : Math.max(place, right - UNDER_MM);
        const [y, z] = this.old.at(shown);
        position.setXYZ(n, ...this.at(x, y, z));
        this.colour(geometry, n, reader, hot, false);
      });
    });
    position.needsUpdate = true;
  }

  // Cold metal or bead, tinted by the air it met hot, shining by its heat now.
  colour(geometry, n, reader, { planes, looks, other }, melted) {
    const now = read(reader, planes, 0, n);
    const air = Math.round(read(reader, planes, 2 * this.plane, n));
    const base = melted ? BEAD : COLD;
    if (other) {
      this.paint(geometry, n, this.differs(n, reader, other, melted, planes, base), 0, looks);
      return;
    }
    const shows = looks.tints[4 * air + 3];
    this.paint(
      geometry,
      n,
      base.map((part, i) => part + shows * (looks.tints[4 * air + i] - part)),
      now,
      looks,
    );
  }

  // Wider or hotter than the other, narrower or colder.
  differs(n, reader, other, melted, planes, base) {
    let more =
      ((read(reader, planes, this.plane, n) - read(reader, other.planes, this.plane, n)) * this.film.stepC) / FULL_K;
    if (melted && other.bead) {
      const line = Math.floor(n / this.bead.strip.across);
      const width = this.name === 'front' ? 'width' : 'backWidth';
      more = (this.bead.surface[width][line] - (other.bead[width][line] ?? 0)) / FULL_MM;
    }
    const share = Math.min(1, Math.abs(more));
    const colour = more > 0 ? WIDER : NARROWER;
    return base.map((part, i) => part + share * (colour[i] - part));
  }

  paint(geometry, n, colour, now, looks) {
    const low = now === null ? 0 : Math.floor(now);
    const part = now === null ? 0 : now - low;
    const shine = geometry.getAttribute('shine');
    const glow = (i) =>
      looks.glows[3 * low + i] + part * (looks.glows[3 * Math.min(255, low + 1) + i] - looks.glows[3 * low + i]);
    geometry.getAttribute('color').setXYZ(n, colour[0], colour[1], colour[2]);
    shine.setXYZ(n, glow(0), glow(1), glow(2));
    geometry.getAttribute('color').needsUpdate = true;
    shine.needsUpdate = true;
  }
}
