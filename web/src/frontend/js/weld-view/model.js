// One weld of one film, or the joint alone, as it stands in the picture.
import { Group, Matrix4, Mesh, Vector3 } from 'three';
import { Side } from './bead.js';
import { room } from './mapping.js';
import { Section } from './section.js';
import { memberGeometry } from './solids.js';
import { Torch } from './torch.js';

export class Model {
  constructor(stage, scene) {
    this.stage = stage;
    this.scene = scene;
    this.group = new Group();
    this.members = [];
    this.sides = [];
    this.torch = new Torch(scene);
    this.section = new Section(scene);
    this.group.add(this.torch.group, this.section.group);
    this.stand([]);
  }

  // Members without the faces that are drawn by themselves.
  stand(faces) {
    this.members.forEach((mesh) => {
      mesh.geometry.dispose();
      this.group.remove(mesh);
    });
    this.members = this.scene.members.map(
      (corners) => new Mesh(memberGeometry(this.scene, corners, faces), this.stage.steel),
    );
    this.group.add(...this.members);
  }

  // Lies as it is welded, the arc at a place of the seam.
  orient(x) {
    const { right, up, towards } = room(this.scene, x);
    const rows = [0, 1, 2].map((i) => new Vector3(right[i], up[i], towards[i]));
    this.group.quaternion.setFromRotationMatrix(new Matrix4().makeBasis(...rows));
  }

  watch(film) {
    if (!film?.layout || this.sides.length) return;
    const names = film.layout.backMm.length ? ['front', 'back'] : ['front'];
    this.sides = names.map((name) => new Side(this.scene, film, name));
    this.stand(this.sides.map(({ old }) => old.places.map((place) => old.at(place))));
    this.skins = this.sides.flatMap((side) =>
      side.geometries.map((geometry) => {
        const mesh = new Mesh(geometry, this.stage.skin);
        mesh.userData = { side };
        return mesh;
      }),
    );
    this.group.add(...this.skins);
  }

  dispose() {
    this.section.clear();
    this.group.traverse((part) => part.geometry?.dispose());
  }
}
