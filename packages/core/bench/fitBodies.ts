/**
 * Fits the exponent of each shape to conduction in three dimensions, and prints it as its `heatBody`
 * with how early and late it makes the shape: `npx tsx packages/core/bench/fitBodies.ts [shapes]`.
 */
import type { ShapeId } from '../src/draft/choices.js';
import { SHAPES } from '../src/shapes/shapes.js';
import { solveLinear } from '../src/numeric/linear.js';
import { bodyTime } from './conduct.js';
import type { Piece } from '../src/shapes/kit/piece.js';
import { compare, type Compared, samplesOf } from './bodies.js';

/** Rather late than early: the fit aims here, shares of the time; layers scatter most. */
const aimOf = (shape: ShapeId) => (shape === 'strip-triangle' ? 0.05 : 0.035);

const TERMS = [0, 1, 2, 3, 4, 5];
const basis = ({ heatRadiusM, wallCrownM, reachM }: Piece) => {
  const [r, w] = [(heatRadiusM - wallCrownM) / reachM, wallCrownM / reachM];
  return [r, r * r, r ** 3, w, r * w, w * w];
};

const asked = process.argv.slice(2);
for (const shape of SHAPES) {
  let fit: number | readonly number[];
  // A ball is a ball: nothing to fit.
  if (shape.id === 'ball' || (asked.length > 0 && !asked.includes(shape.id))) continue;
  // Where all pieces are alike a few say it; elsewhere every other one of the range.
  const isOne = typeof shape.heatBody === 'number';
  const range = samplesOf(shape.id).filter((_, i) => i % (isOne ? 16 : 2) === 0);
  const all = range.map((sample) => compare(sample));
  const wanted = all.map((one) => {
    // The exponent that is late by what is aimed at.
    let [low, high] = [1, 3.4];
    const target = (one.diffusedM2 * (1 + aimOf(shape.id))) / one.piece.heatRadiusM ** 2;
    for (let i = 0; i < 30; i++) {
      const m = (low + high) / 2;
      if (bodyTime(m) > target) low = m;
      else high = m;
    }
    return low;
  });
  if (isOne) {
    fit = Math.round(100 * (wanted.reduce((a, b) => a + b, 0) / wanted.length)) / 100;
  } else {
    const rows = all.map((one) => basis(one.piece));
    const normal = TERMS.map((i) =>
      TERMS.map((j) => rows.reduce((sum, row) => sum + row[i]! * row[j]!, 0) + (i === j ? 1e-4 : 0)),
    );
    const right = TERMS.map((i) => rows.reduce((sum, row, n) => sum + row[i]! * (wanted[n]! - 1), 0));
    fit = solveLinear(normal, right).map((value) => Math.round(1000 * value) / 1000);
  }
  const at = (one: Compared) => {
    if (typeof fit === 'number') return fit;
    const b = basis(one.piece);
    return Math.min(3, Math.max(1, 1 + b.reduce((sum, value, i) => sum + value * (fit as readonly number[])[i]!, 0)));
  };
  const late = all.map((one) => (bodyTime(at(one)) * one.piece.heatRadiusM ** 2) / one.diffusedM2 - 1);
  const before = all.map((one) => one.late);
  const worst = late.indexOf(Math.min(...late));
  const percent = (list: number[]) =>
    `${(100 * Math.min(...list)).toFixed(0)} … +${(100 * Math.max(...list)).toFixed(0)} %`;
  console.log(
    `${shape.id}: ${all.length} pieces, now ${percent(before)}, fitted ${percent(late)}; in-radius over R ${Math.min(...all.map((o) => o.inRadiusM / o.piece.heatRadiusM)).toFixed(2)} … ${Math.max(...all.map((o) => o.inRadiusM / o.piece.heatRadiusM)).toFixed(2)};`,
    JSON.stringify(fit),
    JSON.stringify(all[worst]!.spec),
  );
}
