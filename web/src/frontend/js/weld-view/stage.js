// The weld in three dimensions: the joint as it lies, the bead as it grows, looked at from named places, through a helmet, cut through.
import {
  Color,
  DirectionalLight,
  DoubleSide,
  HemisphereLight,
  MeshLambertMaterial,
  MeshPhongMaterial,
  PerspectiveCamera,
  Plane,
  PointLight,
  Raycaster,
  Scene,
  Spherical,
  Vector2,
  Vector3,
  WebGLRenderer,
} from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import { COLD } from './bead.js';
import { glows, helmetGlows, throughShade, tints } from './heat.js';
import { frameAt, plus, scaled } from './mapping.js';
import { Model } from './model.js';
import { viewFrom } from './views.js';

const FIELD_DEG = 32;
const NEAR_MM = 1;
const FAR_MM = 3000;
// Pixels for each of the page while a film plays without a graphics card; at rest all of them.
const COARSE = 0.6;
// With one, edges are smooth by more pixels than the page has.
const SMOOTH = 1.5;
const CONTEXT = { antialias: false, alpha: true, preserveDrawingBuffer: true };
const PRINT = { width: 2400, height: 1500 };
const METAL = { specular: 0x6a6a6a, shininess: 60 };

// Light that a surface gives by itself, beside what falls on it.
function shining(material, strength) {
  material.onBeforeCompile = (shader) => {
    shader.uniforms.strength = strength;
    shader.vertexShader = shader.vertexShader
      .replace('#include <common>', '#include <common>\nattribute vec3 shine;\nvarying vec3 vShine;')
      .replace('#include <begin_vertex>', '#include <begin_vertex>\nvShine = shine;');
    shader.fragmentShader = shader.fragmentShader
      .replace('#include <common>', '#include <common>\nvarying vec3 vShine;\nuniform float strength;')
      .replace(
        '#include <emissivemap_fragment>',
        '#include <emissivemap_fragment>\ntotalEmissiveRadiance += vShine * strength;',
      );
  };
  return material;
}

// Whether the browser draws without a graphics card.
function isSoftware(gl) {
  const info = gl.getExtension('WEBGL_debug_renderer_info');
  return /swiftshader|llvmpipe|software/i.test(info ? String(gl.getParameter(info.UNMASKED_RENDERER_WEBGL)) : '');
}

export class Stage {
  constructor(canvas) {
    this.canvas = canvas;
    const context = canvas.getContext('webgl2', CONTEXT);
    if (!context) throw new Error('no WebGL 2');
    this.renderer = new WebGLRenderer({ canvas, context, ...CONTEXT });
    this.software = isSoftware(this.renderer.getContext());
    this.renderer.localClippingEnabled = true;
    this.strength = { value: 1 };
    this.cut = new Plane(new Vector3(0, 0, 1), 1e6);
    const clippingPlanes = [this.cut];
    this.steel = new MeshLambertMaterial({ color: new Color(...COLD), side: DoubleSide, clippingPlanes });
    this.skin = shining(
      new MeshPhongMaterial({
        vertexColors: true,
        ...METAL,
        side: DoubleSide,
        clippingPlanes,
        polygonOffset: true,
        polygonOffsetFactor: 0,
        polygonOffsetUnits: -2,
      }),
      this.strength,
    );
    this.world = new Scene();
    this.sky = new HemisphereLight(0xffffff, 0x4a4e52, 1.15);
    this.sun = new DirectionalLight(0xfff4e2, 2.9);
    this.arcLight = new PointLight(0xdfe9ff, 0, 0, 2);
    this.camera = new PerspectiveCamera(FIELD_DEG, 1, NEAR_MM, FAR_MM);
    this.world.add(this.sky, this.arcLight, this.camera);
    this.camera.add(this.sun);
    this.sun.position.set(-95, 45, 10);
    this.controls = new OrbitControls(this.camera, canvas);
    this.controls.enableDamping = false;
    this.controls.minDistance = 8;
    this.controls.maxDistance = 900;
    this.leaveThePage();
    this.controls.addEventListener('start', () => {
      this.turned = true;
    });
    this.controls.addEventListener('change', () => {
      if (!this.placing) this.onMoved?.();
    });
    this.models = [];
    this.view = 'side';
    this.shade = null;
    this.sectionX = null;
    this.differs = false;
    this.moving = false;
    this.looks = new Map();
  }

  // A page that is scrolled goes on past the picture: the wheel goes nearer only once it has been pressed, a finger up or down scrolls.
  leaveThePage() {
    this.controls.enableZoom = false;
    this.canvas.addEventListener('focus', () => {
      this.controls.enableZoom = true;
    });
    this.canvas.addEventListener('blur', () => {
      this.controls.enableZoom = false;
    });
    this.canvas.addEventListener('pointerdown', () => this.canvas.focus({ preventScroll: true }));
    this.canvas.style.touchAction = 'pan-y';
  }

  // The joints that stand there: one, or two to be held against each other.
  stand(scenes) {
    this.models.forEach((model) => {
      this.world.remove(model.group);
      model.dispose();
    });
    this.models = scenes.map((scene) => new Model(this, scene));
    this.models.forEach((model) => model.orient(model.scene.startMm));
    this.models.forEach((model) => this.world.add(model.group));
    this.lookFrom(this.view);
  }

  looksOf(film) {
    const key = `${film.family} ${film.layout.meltC} ${film.stepC} ${this.shade !== null}`;
    if (!this.looks.has(key)) {
      const light = this.shade === null ? glows : helmetGlows;
      this.looks.set(key, { tints: tints(film.family, film.stepC), glows: light(film.layout.meltC, film.stepC) });
    }
    return this.looks.get(key);
  }

  // Lays everything as it is at a moment of each film; a joint without a film stands as it was fitted up.
  lay(moments) {
    this.models.forEach((model, i) => {
      const moment = moments[i] ?? { s: 0, x: model.scene.startMm, burns: false };
      const { film, frame, s, x, burns } = moment;
      model.watch(film);
      model.orient(x);
      model.arc = model.torch.place(x, s, burns);
      model.torch.group.visible = !moment.lifted && this.view !== 'section';
      model.burns = burns;
      if (!frame) return;
      const otherMoment = moments[1 - i];
      model.other =
        this.differs && otherMoment?.frame ? { frame: otherMoment.frame, bead: otherMoment.film.surface } : null;
      this.turnAway(model);
      model.sides.forEach((side) => {
        if (film.surface) side.take(film.surface);
        if (side.hidden) return;
        side.lay(frame, s, this.looksOf(film), model.other);
      });
      model.moment = moment;
    });
    this.cutThrough();
    this.follow();
  }

  // Cuts all that lies beyond a place of the seam away.
  cutThrough() {
    this.models.forEach((model) => {
      model.section.group.visible = this.sectionX !== null && this.shade === null;
      if (this.sectionX === null) return;
      model.section.show(this.sectionX, model.moment, model.sides);
    });
    const [model] = this.models;
    if (this.sectionX === null || !model) {
      this.cut.set(new Vector3(0, 0, 1), 1e6);
      return;
    }
    const { here, along } = frameAt(model.scene, this.sectionX);
    const normal = new Vector3(...along).negate().applyQuaternion(model.group.quaternion);
    this.cut.setFromNormalAndCoplanarPoint(normal, new Vector3(...here).applyQuaternion(model.group.quaternion));
  }

  // Looks at the weld from a named place.
  lookFrom(name) {
    this.view = name;
    this.turned = false;
    const [model] = this.models;
    if (!model) return;
    const { target, eye, torchBefore } = viewFrom(name, model, { cutX: this.sectionX, aspect: this.camera.aspect });
    this.camera.position.set(...eye).applyQuaternion(model.group.quaternion);
    this.controls.target.set(...target).applyQuaternion(model.group.quaternion);
    this.camera.up.set(0, 1, 0);
    this.models.forEach((one) => one.torch.seeThrough(torchBefore));
    this.settle();
  }

  // The camera is where it was put: nobody has to draw because of it.
  settle() {
    this.placing = true;
    this.controls.update();
    this.placing = false;
  }

  // Goes with the arc: from the named place, or as it was turned by hand.
  follow() {
    const [model] = this.models;
    if (!model?.arc || this.view === 'whole' || this.view === 'section') return;
    if (!this.turned) {
      this.lookFrom(this.view);
      return;
    }
    const target = new Vector3(...model.arc.here).applyQuaternion(model.group.quaternion);
    this.camera.position.add(target.clone().sub(this.controls.target));
    this.controls.target.copy(target);
    this.settle();
  }

  // Turns the look by angles and goes nearer or away by a factor.
  turn([round, over], factor) {
    this.turned = true;
    const from = this.camera.position.clone().sub(this.controls.target);
    const ball = new Spherical().setFromVector3(from);
    ball.theta += round;
    ball.phi = Math.max(0.05, Math.min(Math.PI - 0.05, ball.phi + over));
    ball.radius = Math.max(this.controls.minDistance, Math.min(this.controls.maxDistance, ball.radius * factor));
    this.camera.position.copy(this.controls.target).add(from.setFromSpherical(ball));
    this.controls.update();
  }

  // Moves what is looked at across the picture, by shares of its height.
  shift([right, up]) {
    this.turned = true;
    const mm = this.mmPerPixel() * this.canvas.clientHeight;
    const [x, y] = [0, 1].map((column) => new Vector3().setFromMatrixColumn(this.camera.matrix, column));
    const way = x.multiplyScalar(right * mm).add(y.multiplyScalar(up * mm));
    this.camera.position.add(way);
    this.controls.target.add(way);
    this.controls.update();
  }

  helmet(shade, usual) {
    this.shade = shade;
    this.usualShade = usual;
    this.looks.clear();
  }

  resize() {
    const { clientWidth: w, clientHeight: h } = this.canvas;
    if (!w || !h) return;
    const ratio = this.software ? (this.moving ? COARSE : 1) : Math.max(SMOOTH, Math.min(2, window.devicePixelRatio));
    if (this.canvas.width !== Math.round(w * ratio) || this.canvas.height !== Math.round(h * ratio)) {
      this.renderer.setPixelRatio(ratio);
      this.renderer.setSize(w, h, false);
    }
    this.aspect(w, h);
  }

  aspect(w, h) {
    const count = Math.max(1, this.models.length);
    this.camera.aspect = w / (h / count);
    this.camera.updateProjectionMatrix();
  }

  // A face that is turned away is not drawn; of the whole joint both may be seen.
  turnAway(model) {
    if (!model.arc || !model.skins) return false;
    const before = model.sides.map((side) => side.hidden);
    const out = new Vector3(...model.arc.out).applyQuaternion(model.group.quaternion);
    const facing = this.camera.position.clone().sub(this.controls.target).normalize().dot(out);
    model.sides.forEach((side) => {
      side.hidden = this.view !== 'whole' && (side.name === 'front' ? facing < -0.25 : facing > 0.25);
    });
    model.skins.forEach((mesh) => {
      mesh.visible = !mesh.userData.side.hidden;
    });
    return model.sides.some((side, i) => before[i] && !side.hidden);
  }

  // A face that has just come into sight was not laid while it was turned away.
  layAgain(model) {
    const { film, frame, s } = model.moment ?? {};
    if (frame) model.sides.forEach((side) => side.lay(frame, s, this.looksOf(film), model.other));
  }

  light(model) {
    const dark = this.shade !== null;
    const through = dark ? throughShade(this.shade, this.usualShade) : 1;
    [this.sky, this.sun].forEach((light) => {
      light.visible = !dark;
    });
    this.strength.value = through;
    this.arcLight.visible = Boolean(model.burns);
    this.arcLight.intensity = model.burns ? (dark ? 26 * through : 34) : 0;
    if (model.arc) {
      const at = plus(model.arc.here, scaled(model.arc.out, model.scene.torch.arcMm * 0.7));
      this.arcLight.position.set(...at).applyQuaternion(model.group.quaternion);
    }
    this.renderer.setClearColor(new Color(0, 0, 0), dark ? 1 : 0);
    model.torch.arc.material.opacity = dark ? Math.min(1, 0.8 * through) : 0.55;
  }

  // Draws each model in a part of its own, one under the other, all from one place.
  render() {
    const size = this.renderer.getSize(new Vector2());
    const count = Math.max(1, this.models.length);
    this.renderer.setScissorTest(count > 1);
    this.models.forEach((model, i) => {
      this.models.forEach((other) => {
        other.group.visible = other === model;
      });
      this.light(model);
      if (this.turnAway(model)) this.layAgain(model);
      const high = size.y / count;
      const from = size.y - (i + 1) * high;
      this.renderer.setViewport(0, from, size.x, high);
      this.renderer.setScissor(0, from, size.x, high);
      this.renderer.render(this.world, this.camera);
    });
  }

  // How many mm of what is looked at a pixel of the page is.
  mmPerPixel() {
    const away = this.camera.position.distanceTo(this.controls.target);
    const high = this.canvas.clientHeight / Math.max(1, this.models.length);
    return (2 * away * Math.tan((FIELD_DEG * Math.PI) / 360)) / high;
  }

  // What lies under a point of the page: which weld, which face, where along the seam and across it. Null where there is nothing.
  pick(clientX, clientY) {
    const box = this.canvas.getBoundingClientRect();
    const count = Math.max(1, this.models.length);
    const part = Math.min(count - 1, Math.floor(((clientY - box.top) / box.height) * count));
    const model = this.models[part];
    if (!model?.skins) return null;
    const y = (((clientY - box.top) / box.height) * count - part) * 2;
    const ray = new Raycaster();
    ray.setFromCamera(new Vector2(((clientX - box.left) / box.width) * 2 - 1, 1 - y), this.camera);
    const [hit] = ray.intersectObjects(model.skins, false);
    if (!hit) return null;
    return { part, ...whereOn(hit, hit.object.userData.side) };
  }

  // A still at print size.
  picture() {
    const size = this.renderer.getSize(new Vector2());
    const ratio = this.renderer.getPixelRatio();
    this.renderer.setPixelRatio(1);
    this.renderer.setSize(PRINT.width, PRINT.height, false);
    this.aspect(PRINT.width, PRINT.height);
    this.render();
    const picture = this.canvas.toDataURL('image/png');
    this.renderer.setPixelRatio(ratio);
    this.renderer.setSize(size.x, size.y, false);
    this.aspect(size.x, size.y);
    this.render();
    return picture;
  }
}

function whereOn(hit, side) {
  const { geometry } = hit.object;
  if (geometry === side.bead.geometry) {
    const { strip, surface } = side.bead;
    return {
      face: side.name,
      xMm: (Math.floor(hit.face.a / strip.across) + 0.5) * surface.stepMm,
      placeMm: strip.place[hit.face.a],
    };
  }
  const strip = side.strips.find((one) => one.geometry === geometry);
  return {
    face: side.name,
    xMm: strip.xs[Math.floor(hit.face.a / strip.places.length)],
    placeMm: strip.places[hit.face.a % strip.places.length],
  };
}
