import { LATER } from '#text/shared/laterPhrases';
import { type Mesh, meshSection, type PieceMesh } from '@ember-fold/core/plan';
import { useEffect, useRef } from 'react';
import { styled } from 'styled-components';
import {
  AmbientLight,
  BufferAttribute,
  BufferGeometry,
  DirectionalLight,
  DoubleSide,
  Group,
  Mesh as Body,
  MeshBasicMaterial,
  MeshLambertMaterial,
  PerspectiveCamera,
  Plane,
  Scene,
  Shape,
  ShapeGeometry,
  Vector3,
  WebGLRenderer,
} from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import { crustColour } from './crust';
import { FILLING } from './DiscDrawing';

const Box = styled.div`
  width: 100%;
  height: min(46vh, 380px);
  border-radius: 10px;
  overflow: hidden;
  background: ${({ theme }) => theme.well};
  canvas {
    display: block;
    outline: none;
  }
  canvas:focus-visible {
    box-shadow: inset 0 0 0 3px ${({ theme }) => theme.know};
  }
`;

/** Without it the drawings in the plane have to do. */
const CAN_DRAW = document.createElement('canvas').getContext('webgl2') !== null;
/** Turned by an arrow key, rad. */
const KEY_TURN = Math.PI / 16;

function bodyOf(mesh: Mesh, material: MeshLambertMaterial): Body {
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(mesh.positions, 3));
  geometry.setIndex(new BufferAttribute(mesh.corners, 1));
  geometry.computeVertexNormals();
  return new Body(geometry, material);
}

/** The face a cut leaves, `forward` of the knife towards what was taken away. */
function faceOf(mesh: Mesh, across: 0 | 1, forward: number, material: MeshBasicMaterial): Body {
  const shape = new Shape();
  meshSection(mesh, across).forEach(([x, z], i) => (i === 0 ? shape.moveTo(x, z) : shape.lineTo(x, z)));
  const face = new Body(new ShapeGeometry(shape), material);
  // Drawn in x and y; stood up, and turned so that it lies along the cut.
  face.rotation.set(Math.PI / 2, 0, 0);
  if (across === 0) face.rotation.set(Math.PI / 2, Math.PI / 2, 0, 'ZXY');
  face.position.set(across === 0 ? forward : 0, across === 0 ? 0 : -forward, 0);
  return face;
}

/** The library reads commas. */
const cssColour = (css: string): string => css.replace(/(\d) (\d)/g, '$1, $2').replace(/(\d) (\d)/g, '$1, $2');

interface PieceModelProps {
  readonly mesh: PieceMesh;
  /** Largest extent, m. */
  readonly sizeM: number;
  readonly cut: boolean;
  /** Which way the knife goes: across x, or across y. */
  readonly across: 0 | 1;
  readonly label: string;
}

/**
 * The piece in the round: turned by dragging or arrow keys; cut open, its wall and filling show.
 * It is long because one effect builds the scene and takes all of it down again.
 */
export function PieceModel({ mesh, sizeM, cut, across, label }: PieceModelProps) {
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const holder = box.current;
    if (!holder || !CAN_DRAW) return;
    const renderer = new WebGLRenderer({ antialias: true, alpha: true });
    renderer.localClippingEnabled = true;
    // The nearer half is taken away: what is left shows its inside.
    const planes = cut ? [new Plane(across === 0 ? new Vector3(-1, 0, 0) : new Vector3(0, 1, 0), 0)] : [];
    const dough = new MeshLambertMaterial({
      color: cssColour(crustColour(0.45)),
      side: DoubleSide,
      clippingPlanes: planes,
    });
    const filling = new MeshLambertMaterial({ color: FILLING, side: DoubleSide, clippingPlanes: planes });
    const piece = new Group();
    piece.add(bodyOf(mesh.skin, dough));
    if (mesh.filling) piece.add(bodyOf(mesh.filling, filling));
    if (cut) {
      // Solid where the knife went: two flat faces, the filling a hair in front of the dough.
      const doughFace = new MeshBasicMaterial({ color: cssColour(crustColour(0.2)), side: DoubleSide });
      const fillingFace = new MeshBasicMaterial({ color: FILLING, side: DoubleSide });
      piece.add(faceOf(mesh.skin, across, 0, doughFace));
      if (mesh.filling) piece.add(faceOf(mesh.filling, across, sizeM / 500, fillingFace));
    }
    const scene = new Scene();
    scene.add(piece, new AmbientLight('#ffffff', 1.7));
    const sun = new DirectionalLight('#ffffff', 2.2);
    sun.position.set(-1, -1.5, 2.5);
    scene.add(sun);
    const camera = new PerspectiveCamera(32, 1, sizeM / 50, sizeM * 20);
    camera.up.set(0, 0, 1);
    camera.position.set(sizeM * (across === 0 ? 1.3 : 0.5), -sizeM * (across === 0 ? 0.55 : 1.3), sizeM * 0.75);
    const draw = () => renderer.render(scene, camera);
    const canvas = renderer.domElement;
    const orbit = new OrbitControls(camera, canvas);
    orbit.enablePan = false;
    orbit.minDistance = sizeM * 0.7;
    orbit.maxDistance = sizeM * 4;
    orbit.addEventListener('change', draw);
    const keys = (event: KeyboardEvent) => {
      const turns: Record<string, [number, number]> = {
        ArrowLeft: [-1, 0],
        ArrowRight: [1, 0],
        ArrowUp: [0, -1],
        ArrowDown: [0, 1],
      };
      const way = turns[event.key];
      if (!way) return;
      event.preventDefault();
      const { x, y, z } = camera.position;
      const far = Math.hypot(x, y, z);
      const around = Math.atan2(y, x) + way[0] * KEY_TURN;
      const up = Math.min(1.5, Math.max(-1.5, Math.asin(z / far) - way[1] * KEY_TURN));
      camera.position.set(
        far * Math.cos(up) * Math.cos(around),
        far * Math.cos(up) * Math.sin(around),
        far * Math.sin(up),
      );
      orbit.update();
      draw();
    };
    canvas.tabIndex = 0;
    canvas.setAttribute('role', 'img');
    canvas.setAttribute('aria-label', label);
    canvas.addEventListener('keydown', keys);
    const fit = () => {
      const { clientWidth, clientHeight } = holder;
      renderer.setSize(clientWidth, clientHeight, false);
      canvas.style.width = `${clientWidth}px`;
      canvas.style.height = `${clientHeight}px`;
      renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
      camera.aspect = clientWidth / Math.max(1, clientHeight);
      camera.updateProjectionMatrix();
      draw();
    };
    holder.append(canvas);
    const watch = new ResizeObserver(fit);
    watch.observe(holder);
    fit();
    return () => {
      watch.disconnect();
      orbit.dispose();
      canvas.remove();
      piece.traverse((part) => part instanceof Body && part.geometry.dispose());
      dough.dispose();
      filling.dispose();
      renderer.dispose();
    };
  }, [mesh, sizeM, cut, across, label]);
  return CAN_DRAW ? <Box ref={box} /> : <p>{LATER.thisBrowserCannotDrawIn}</p>;
}
