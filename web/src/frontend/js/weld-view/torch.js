// Torch with cup and tungsten, the arc, and the filler rod, standing where the cycle has them.
import {
  AdditiveBlending,
  ConeGeometry,
  CylinderGeometry,
  Group,
  LatheGeometry,
  Mesh,
  MeshBasicMaterial,
  MeshLambertMaterial,
  Quaternion,
  Vector2,
  Vector3,
} from 'three';
import { plus, scaled, standAt, unit } from './mapping.js';

const BACK_DEG = 15;
const ROD_UP_DEG = 20;
const ROD_MM = 90;
const DRAWN_BACK_MM = 7;
const LEAD_MM = 1.2;
const CUP_MM = 24;
const WALL_MM = 1.6;
const TIP_DIAMETERS = 2;
const UP = new Vector3(0, 1, 0);
const RADIANS = Math.PI / 180;

const along = (direction) => new Quaternion().setFromUnitVectors(UP, new Vector3(...direction));

function cup({ boreMm, stickOutMm, arcMm }) {
  const r = boreMm / 2;
  const from = arcMm + stickOutMm;
  const outline = [
    [r, from],
    [r + WALL_MM, from],
    [r + WALL_MM + 0.4, from + CUP_MM * 0.55],
    [r * 0.8 + 3, from + CUP_MM],
    [r * 0.8, from + CUP_MM],
    [r, from],
  ];
  return new LatheGeometry(
    outline.map(([x, y]) => new Vector2(x, y)),
    40,
  );
}

export class Torch {
  constructor(scene) {
    this.scene = scene;
    const { torch } = scene;
    this.group = new Group();
    this.metal = new MeshLambertMaterial({ color: 0x9a948a });
    this.ceramic = new MeshLambertMaterial({ color: 0xa39a90 });
    this.torch = new Group();
    const tip = TIP_DIAMETERS * torch.tungstenMm;
    const shaft = torch.stickOutMm + CUP_MM;
    const point = new Mesh(new ConeGeometry(torch.tungstenMm / 2, tip, 20), this.metal);
    point.rotation.x = Math.PI;
    point.position.y = torch.arcMm + tip / 2;
    const rod = new Mesh(new CylinderGeometry(torch.tungstenMm / 2, torch.tungstenMm / 2, shaft, 20), this.metal);
    rod.position.y = torch.arcMm + tip + shaft / 2;
    const body = new Mesh(new CylinderGeometry(torch.boreMm * 0.42 + 2, torch.boreMm * 0.42 + 2, 30, 24), this.metal);
    body.position.y = torch.arcMm + torch.stickOutMm + CUP_MM + 15;
    this.torch.add(point, rod, new Mesh(cup(torch), this.ceramic), body);
    this.arc = new Mesh(
      new ConeGeometry(torch.arcMm * 0.75 + 0.6, torch.arcMm, 24, 1, true),
      new MeshBasicMaterial({
        color: 0xbfd4ff,
        transparent: true,
        opacity: 0.55,
        blending: AdditiveBlending,
        depthWrite: false,
      }),
    );
    this.arc.position.y = torch.arcMm / 2;
    this.torch.add(this.arc);
    this.group.add(this.torch);
    if (torch.rodMm > 0) {
      this.rod = new Mesh(new CylinderGeometry(torch.rodMm / 2, torch.rodMm / 2, ROD_MM, 16), this.metal);
      this.group.add(this.rod);
    }
  }

  // Whether the rod is in the pool: as long as a dab lasts, or all the time where it is laid in.
  dips(s) {
    const { dabsPerS, dabShare } = this.scene.torch;
    return dabsPerS === 0 || (s * dabsPerS) % 1 < dabShare;
  }

  // Stands over a place of the seam. Returns how.
  place(x, s, burns) {
    const standing = standAt(this.scene, x);
    const { here, along: ahead, out } = standing;
    const lean = unit(plus(scaled(out, Math.cos(BACK_DEG * RADIANS)), scaled(ahead, -Math.sin(BACK_DEG * RADIANS))));
    this.torch.position.set(...here);
    this.torch.quaternion.copy(along(lean));
    this.arc.visible = burns;
    if (this.rod) {
      const back = burns && this.dips(s) ? 0 : DRAWN_BACK_MM;
      const way = unit(
        plus(scaled(ahead, Math.cos(ROD_UP_DEG * RADIANS)), scaled(out, Math.sin(ROD_UP_DEG * RADIANS))),
      );
      const end = plus(here, scaled(ahead, LEAD_MM), scaled(way, back + ROD_MM / 2), scaled(out, 0.4));
      this.rod.position.set(...end);
      this.rod.quaternion.copy(along(way));
    }
    return standing;
  }

  // Seen through, where it would stand before what is looked at.
  seeThrough(thin) {
    for (const material of [this.metal, this.ceramic]) {
      material.transparent = thin;
      material.opacity = thin ? 0.22 : 1;
      material.depthWrite = !thin;
      material.needsUpdate = true;
    }
  }
}
