// The joint cut through: members, what was molten and what was only hot, the bead on it.
import {
  BufferGeometry,
  DataTexture,
  DoubleSide,
  Float32BufferAttribute,
  Group,
  Mesh,
  LinearFilter,
  MeshBasicMaterial,
  SRGBColorSpace,
} from 'three';
import { frameAt, mapping, scaled } from './mapping.js';
import { sheetIndex } from './solids.js';

const PIXELS_PER_MM = 14;
const CUT = [0x4d, 0x56, 0x5a];
const FUSED = [0xc9, 0xc6, 0xbb];
const HEATED = [0x74, 0x6d, 0x62];
const HOT = [0xf6, 0xd8, 0x8e];
const CHANGES_C = 720;
const GRID = 16;
const LIFT_MM = 0.02;

const paint = ([r, g, b]) => (r << 16) + (g << 8) + b;
const mix = (a, b, share) => a.map((part, i) => part + share * (b[i] - part));

function middles(edges) {
  return edges.slice(0, -1).map((edge, i) => (edge + edges[i + 1]) / 2);
}

function cellAt(middle, value) {
  let low = 0;
  while (low < middle.length - 2 && middle[low + 1] < value) low += 1;
  const share = (value - middle[low]) / (middle[low + 1] - middle[low] || 1);
  return [low, Math.max(0, Math.min(1, share))];
}

// °C at a point of the section, taken between the middles of the cells that are metal.
function celsiusAt({ rows, metal, across, down, stepC }, cells, y, z) {
  const [row, a] = cellAt(across, y);
  const [layer, b] = cellAt(down, z);
  let sum = 0;
  let weight = 0;
  for (const [r, l, share] of [
    [row, layer, (1 - a) * (1 - b)],
    [row + 1, layer, a * (1 - b)],
    [row, layer + 1, (1 - a) * b],
    [row + 1, layer + 1, a * b],
  ]) {
    const at = l * rows + r;
    if (metal[at]) {
      sum += share * cells[at];
      weight += share;
    }
  }
  return weight > 0 ? (sum / weight) * stepC : 0;
}

function colourOf(peakC, nowC, meltC) {
  if (nowC >= meltC) return HOT;
  if (peakC >= meltC) return FUSED;
  return peakC > CHANGES_C ? mix(CUT, HEATED, (peakC - CHANGES_C) / (meltC - CHANGES_C)) : CUT;
}

function lineAt(surface, x) {
  return Math.max(0, Math.min(surface.lines - 1, Math.floor(x / surface.stepMm)));
}

// When a place of the seam first melted; never, before its surface is known.
function meltedAt(surface, x) {
  return surface ? surface.melted[lineAt(surface, x)] : Infinity;
}

function fan(at, x, corners) {
  const points = corners.flatMap(([y, z]) => at(x, y, z));
  const index = [];
  for (let i = 1; i < corners.length - 1; i += 1) index.push(0, i, i + 1);
  return geometryOf(points, index);
}

function geometryOf(points, index) {
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new Float32BufferAttribute(points, 3));
  geometry.setIndex(index);
  return geometry;
}

export class Section {
  constructor(scene) {
    this.scene = scene;
    this.at = mapping(scene);
    this.group = new Group();
    this.parts = [];
  }

  clear() {
    this.parts.forEach((mesh) => {
      mesh.geometry.dispose();
      mesh.material.map?.dispose();
      mesh.material.dispose();
    });
    this.group.clear();
    this.parts = [];
  }

  add(geometry, material) {
    const mesh = new Mesh(geometry, material);
    this.parts.push(mesh);
    this.group.add(mesh);
  }

  // Draws the cut at a place of the seam, with the bead of each side; before a film has begun, the members alone.
  show(x, moment, sides) {
    this.clear();
    const plain = () => new MeshBasicMaterial({ color: paint(CUT), side: DoubleSide });
    this.scene.members.forEach((corners) =>
      this.add(
        fan(
          this.at,
          x,
          corners.map(({ y, z }) => [y, z]),
        ),
        plain(),
      ),
    );
    if (moment?.film.layout) {
      this.cells(x, moment);
      sides.forEach((side) => side.bead.surface && this.bead(x, moment.s, side));
    }
    const { along } = frameAt(this.scene, x);
    this.group.position.set(...scaled(along, LIFT_MM));
  }

  cells(x, { film, frame, s }) {
    const { layout, stepC } = film;
    // What became of each section is known at the end; a place the arc has not come to yet shows nothing of it.
    const beads = s >= meltedAt(film.surface, x) ? film.beads : [];
    const rows = layout.acrossMm.length - 1;
    const count = rows * (layout.downMm.length - 1);
    const column = Math.max(0, Math.min(beads.length - 1, Math.floor(x / layout.columnMm)));
    const underArc = Math.abs(x - frame.x) < layout.columnMm;
    if (!beads.length && !underArc) return;
    const peak = beads.length ? beads[column] : frame.section.subarray(count);
    const now = underArc ? frame.section.subarray(0, count) : null;
    const mesh = { rows, metal: layout.metal, across: middles(layout.acrossMm), down: middles(layout.downMm), stepC };
    const [y0, y1] = [layout.mirrored ? -layout.acrossMm[rows] : layout.acrossMm[0], layout.acrossMm[rows]];
    const [z0, z1] = [layout.downMm[0], layout.downMm[layout.downMm.length - 1]];
    const wide = Math.ceil((y1 - y0) * PIXELS_PER_MM);
    const high = Math.ceil((z1 - z0) * PIXELS_PER_MM);
    const pixels = new Uint8Array(4 * wide * high);
    for (let j = 0; j < high; j += 1) {
      for (let i = 0; i < wide; i += 1) {
        const y = y0 + (i + 0.5) / PIXELS_PER_MM;
        const z = z0 + (j + 0.5) / PIXELS_PER_MM;
        const half = layout.mirrored ? Math.abs(y) : y;
        const colour = colourOf(celsiusAt(mesh, peak, half, z), now ? celsiusAt(mesh, now, half, z) : 0, layout.meltC);
        pixels.set([...colour, this.isMember(y, z) ? 255 : 0], 4 * (j * wide + i));
      }
    }
    this.add(this.sheet(x, y0, y1, z0, z1), this.textured(pixels, wide, high));
  }

  isMember(y, z) {
    return this.scene.members.some((corners) => {
      let inside = false;
      corners.forEach((a, i) => {
        const b = corners[(i + 1) % corners.length];
        if (a.z > z !== b.z > z && y < a.y + ((z - a.z) / (b.z - a.z)) * (b.y - a.y)) inside = !inside;
      });
      return inside;
    });
  }

  textured(pixels, wide, high) {
    const texture = new DataTexture(pixels, wide, high);
    texture.magFilter = LinearFilter;
    texture.minFilter = LinearFilter;
    texture.needsUpdate = true;
    texture.colorSpace = SRGBColorSpace;
    return new MeshBasicMaterial({
      map: texture,
      transparent: true,
      side: DoubleSide,
      polygonOffset: true,
      polygonOffsetFactor: -2,
      polygonOffsetUnits: -2,
    });
  }

  sheet(x, y0, y1, z0, z1) {
    const points = [];
    const uv = [];
    for (let j = 0; j <= GRID; j += 1) {
      for (let i = 0; i <= GRID; i += 1) {
        points.push(...this.at(x, y0 + ((y1 - y0) * i) / GRID, z0 + ((z1 - z0) * j) / GRID));
        uv.push(i / GRID, j / GRID);
      }
    }
    const geometry = geometryOf(points, sheetIndex(GRID + 1, GRID + 1, false));
    geometry.setAttribute('uv', new Float32BufferAttribute(uv, 2));
    return geometry;
  }

  // The metal that stands between the old faces and the bead, front and back.
  bead(x, s, { bead, old }) {
    const { surface } = bead;
    if (!(s >= meltedAt(surface, x))) return;
    const line = lineAt(surface, x);
    const { across, y, z, place } = bead.strip;
    const material = new MeshBasicMaterial({
      color: paint(FUSED),
      side: DoubleSide,
      polygonOffset: true,
      polygonOffsetFactor: -3,
      polygonOffsetUnits: -3,
    });
    const points = [];
    for (let i = 0; i < across; i += 1) {
      const n = line * across + i;
      points.push(...this.at(x, y[n], z[n]), ...this.at(x, ...old.at(place[n])));
    }
    this.add(geometryOf(points, sheetIndex(across, 2, false)), material);
  }
}
