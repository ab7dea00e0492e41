import {
  CRUST_LIMITS,
  cuttingOf,
  cutSheet,
  DEFAULT_KITCHEN,
  type EdgeId,
  SHAPES,
  shapeOf,
  newTray,
  type PieceSpec,
  planCold,
  RAGGED_M,
} from '@ember-fold/core/plan';
import { render, screen } from '@testing-library/react';
import fc from 'fast-check';
import { ThemeProvider } from 'styled-components';
import { planningTheme } from '../theme';
import { cardFigures, CARD_NOTES } from '#text/bench/fold/cardText';
import { makePrinter } from '../../text/printer';
import { stepText } from '#text/bench/fold/stepText';
import { CompositionBar } from './CompositionBar';
import { crustColour } from './crust';
import { BlankDrawing, drawingHalfM } from './BlankDrawing';
import { FoldCard } from './FoldCard';
import { FoldSteps } from './FoldSteps';
import { PieceDrawing } from './PieceDrawing';
import { PortionDots } from './PortionDots';
import { PourLadder } from './PourLadder';
import { TemplateDrawing } from './TemplateDrawing';
import { RolledProfile } from './RolledProfile';
import { SheetLayout } from './SheetLayout';
import { StiffnessDial } from './StiffnessDial';

const channels = (css: string): number[] => /rgb\((\d+) (\d+) (\d+)\)/.exec(css)!.slice(1).map(Number);
const light = (colour: number): number => channels(crustColour(colour)).reduce((sum, c) => sum + c, 0);

it('the crust ramp only ever darkens, and says raw, golden and dark in its own colours', () => {
  fc.assert(
    fc.property(fc.double({ min: 0, max: 4, noNaN: true }), fc.double({ min: 0, max: 1, noNaN: true }), (b, more) => {
      expect(light(b + more)).toBeLessThanOrEqual(light(b) + 1);
    }),
  );
  expect(crustColour(0)).toBe('rgb(241 227 194)');
  expect(crustColour(0.9)).toBe('rgb(221 161 74)');
  expect(crustColour(9)).toBe('rgb(85 41 15)');
  expect([crustColour(NaN), crustColour(-1)]).toEqual([crustColour(0), crustColour(0)]);
  const steps = [0, ...Object.values(CRUST_LIMITS), 2.4].map(light);
  steps.slice(1).forEach((value, i) => expect(value).toBeLessThan(steps[i]! - 15));
});

const specs: fc.Arbitrary<PieceSpec> = fc.record({
  lengthM: fc.double({ min: 0.05, max: 0.6, noNaN: true }),
  discM: fc.double({ min: 0.05, max: 0.3, noNaN: true }),
  thicknessM: fc.double({ min: 0.0008, max: 0.008, noNaN: true }),
  sealM: fc.double({ min: 0.003, max: 0.02, noNaN: true }),
  fillingKg: fc.double({ min: 0, max: 0.12, noNaN: true }),
  fillingKgPerM3: fc.constant(1020),
  doughKgPerM3: fc.constant(1175),
  stretch: fc.constantFrom(0.09, 0.14),
});

it('any piece is drawn with finite figures, the width and thickness of core named', () => {
  fc.assert(
    fc.property(specs, fc.constantFrom(...SHAPES), (spec, shape) => {
      const piece = shape.piece(spec);
      const halfM = drawingHalfM(shape.id, spec.discM, spec.lengthM);
      const { container, unmount } = render(
        <ThemeProvider theme={planningTheme}>
          <BlankDrawing shape={shape.id} {...spec} piece={piece} />
          {piece && <PieceDrawing piece={piece} fold={spec} halfM={halfM} />}
        </ThemeProvider>,
      );
      expect(container.innerHTML).not.toMatch(/NaN|Infinity|undefined/);
      screen.getByRole('img', { name: /^(Rolled|One of two|Half of a|One of two cut)/ });
      if (piece) {
        const thick = (piece.thicknessM * 1000).toFixed(0);
        screen.getByRole('img', { name: new RegExp(`Folded piece .* ${thick} mm thick`) });
        // The blank may happen to measure the same.
        expect(screen.getAllByText(`${thick} mm`, { exact: true }).length).toBeGreaterThan(0);
      }
      unmount();
    }),
    { numRuns: 100 },
  );
});

it('every shape, however it is made, has its steps, card, profile and layout drawn with finite figures', () => {
  const printer = makePrinter(DEFAULT_KITCHEN);
  const edges = fc.constantFrom<EdgeId>('plain', 'fork', 'rope', 'mould');
  fc.assert(
    fc.property(
      fc.constantFrom(...SHAPES),
      edges,
      fc.double({ min: 0.005, max: 0.06, noNaN: true }),
      (shape, edge, kg) => {
        const made = newTray('Any', 'squash-sage', 24, '2030-01-05T18:30:00Z', shape.id);
        const draft = { ...made, fold: { ...made.fold, edge, fillingEachKg: kg } };
        const cold = planCold(draft, DEFAULT_KITCHEN);
        const piece = cold.fold.piece!;
        const captions = stepText(draft, piece, printer);
        const spec = cuttingOf(draft, DEFAULT_KITCHEN, cold);
        const { container, unmount } = render(
          <ThemeProvider theme={planningTheme}>
            <FoldSteps draft={draft} piece={piece} captions={captions} />
            <FoldCard
              draft={draft}
              piece={piece}
              captions={captions}
              figures={cardFigures({ draft, printer }, piece)}
              notes={CARD_NOTES}
            />
            <RolledProfile piece={piece} discM={draft.fold.discM} thicknessM={draft.fold.thicknessM} />
            {spec && (
              <SheetLayout
                roll={cutSheet(spec).rolls[0]!}
                shape={spec.shape}
                acrossM={spec.acrossM}
                raggedM={RAGGED_M}
              />
            )}
          </ThemeProvider>,
        );
        expect(container.innerHTML).not.toMatch(/NaN|Infinity|undefined/);
        expect(screen.getAllByRole('img', { name: /^Frame \d: / })).toHaveLength(captions.length);
        screen.getByRole('img', { name: /^Fold card of Any: .*Filling each/ });
        expect(screen.queryAllByRole('img', { name: /^Thickness to roll/ })).toHaveLength(piece.gathered ? 1 : 0);
        expect(screen.queryAllByRole('img', { name: /^Sheet .* cuts$/ })).toHaveLength(spec ? 1 : 0);
        unmount();
      },
    ),
    { numRuns: 40 },
  );
});

it('disc and piece share one scale', () => {
  const piece = shapeOf('half-moon').piece({ ...baseSpec(), fillingKg: 0.035 })!;
  const { container } = render(
    <ThemeProvider theme={planningTheme}>
      <BlankDrawing shape="half-moon" discM={0.118} lengthM={0.118} sealM={0.011} piece={piece} />
      <PieceDrawing piece={piece} fold={{ sealM: 0.011 }} halfM={0.059} />
    </ThemeProvider>,
  );
  const widths = [...container.querySelectorAll('svg')].map((svg) =>
    Number(svg.getAttribute('viewBox')!.split(' ')[2]),
  );
  expect(widths[0]).toBeCloseTo(widths[1]!, 9);
  expect(Number(container.querySelector('circle')!.getAttribute('r'))).toBeCloseTo(59, 9);
});

function baseSpec(): PieceSpec {
  return {
    discM: 0.118,
    lengthM: 0.118,
    thicknessM: 0.0026,
    sealM: 0.011,
    fillingKg: 0,
    fillingKgPerM3: 1020,
    doughKgPerM3: 1175,
    stretch: 0.09,
  };
}

it('the dial names its figure and range, also without flour; the bar leaves out what is not there', () => {
  render(
    <ThemeProvider theme={planningTheme}>
      <StiffnessDial stiffness={6.84} range={{ least: 6.2, most: 8 }} />
      <StiffnessDial stiffness={6.1} range={{ least: 6.2, most: 8 }} history={[6.84, 7.31]} />
      <StiffnessDial stiffness={null} range={{ least: 6.2, most: 8 }} />
      <CompositionBar
        printMass={(kg) => `${kg * 1000} g`}
        parts={[
          { name: 'flour', kg: 1, colour: '#000' },
          { name: 'fat', kg: 0, colour: '#111' },
        ]}
      />
    </ThemeProvider>,
  );
  screen.getByRole('img', { name: 'Stiffness 6.8 of 10; range 6.2 to 8' });
  screen.getByRole('img', {
    name: 'Stiffness 6.1 of 10; range 6.2 to 8; from earlier doughs with this flour: 6.8, 7.3',
  });
  screen.getByRole('img', { name: 'Stiffness: no flour yet' });
  expect(screen.getAllByRole('listitem').map((item) => item.textContent)).toEqual(['flour 1000 g']);
});

it('the pour ladder is to scale: first pour, a rung for each spoon, filled as far as was poured', () => {
  const amount = fc.double({ min: 0.02, max: 1.2, noNaN: true });
  fc.assert(
    fc.property(amount, amount, fc.double({ min: 0, max: 1.3, noNaN: true }), (firstKg, reserveKg, share) => {
      const totalKg = firstKg + reserveKg;
      const pouredKg = share * totalKg;
      const { container, unmount } = render(
        <ThemeProvider theme={planningTheme}>
          <PourLadder
            firstKg={firstKg}
            reserveKg={reserveKg}
            pouredKg={pouredKg}
            spoonKg={0.015}
            printMass={(kg) => `${Math.round(kg * 1000)} g`}
          />
        </ThemeProvider>,
      );
      expect(container.innerHTML).not.toMatch(/NaN|Infinity|undefined/);
      const [whole, poured] = [...container.querySelectorAll('rect')].map((r) => Number(r.getAttribute('width')));
      expect(poured! / whole!).toBeCloseTo(share, 6);
      const [mark, ...rungs] = [...container.querySelectorAll('line')].map((l) => Number(l.getAttribute('x1')));
      expect(mark! / whole!).toBeCloseTo(firstKg / totalKg, 6);
      expect(rungs.length).toBeLessThanOrEqual(Math.min(24, Math.floor(reserveKg / 0.015 + 1e-9)));
      rungs.forEach((x, i) => expect(((x - mark!) / whole!) * totalKg).toBeCloseTo(0.015 * (i + 1), 6));
      screen.getByRole('img', { name: new RegExp(`^Water: ${Math.round(firstKg * 1000)} g first`) });
      unmount();
    }),
    { numRuns: 60 },
  );
  const { container } = render(
    <ThemeProvider theme={planningTheme}>
      <PourLadder firstKg={0} reserveKg={0} pouredKg={0} spoonKg={0.015} printMass={String} />
    </ThemeProvider>,
  );
  expect(container.querySelector('svg')).toBeNull();
});

it('a template of any shape is as wide as its blank in true millimetres, with a bar of 100', () => {
  fc.assert(
    fc.property(specs, fc.constantFrom(...SHAPES), (spec, { id, hasLength }) => {
      const { container, unmount } = render(
        <ThemeProvider theme={planningTheme}>
          <TemplateDrawing shape={id} {...spec} name="Squash" />
        </ThemeProvider>,
      );
      expect(container.innerHTML).not.toMatch(/NaN|Infinity|undefined/);
      const svg = container.querySelector('svg')!;
      const [, , width, height] = svg.getAttribute('viewBox')!.split(' ').map(Number);
      // One unit of the drawing is one millimetre of the print.
      expect(svg.getAttribute('width')).toBe(`${width}mm`);
      expect(svg.getAttribute('height')).toBe(`${height}mm`);
      expect(width!).toBeGreaterThanOrEqual(Math.max(100, spec.discM * 1000));
      if (hasLength) expect(height!).toBeGreaterThan(spec.lengthM * 1000);
      expect(container.querySelector('[data-bar]')!.getAttribute('d')).toMatch(/^M 0 0 H 100 /);
      unmount();
    }),
    { numRuns: 60 },
  );
});

it('weighings lie over and under the line by how far off they are, in their order', () => {
  const { container } = render(
    <ThemeProvider theme={planningTheme}>
      <PortionDots
        weightsKg={[0.068, 0.075, 0.061]}
        wantedKg={0.068}
        printMass={(kg) => `${kg * 1000} g`}
        colour="#000"
      />
    </ThemeProvider>,
  );
  screen.getByRole('img', { name: '3 weighings against 68 g' });
  const dots = [...container.querySelectorAll('circle')].map((dot) =>
    ['cx', 'cy'].map((at) => Number(dot.getAttribute(at))),
  );
  const line = Number(container.querySelector('line')!.getAttribute('y1'));
  expect(dots[0]![1]).toBeCloseTo(line, 9);
  expect(line - dots[1]![1]!).toBeCloseTo(dots[2]![1]! - line, 6);
  expect(dots[1]![1]!).toBeLessThan(line);
  expect(dots.map(([x]) => x)).toEqual(dots.map(([x]) => x).sort((a, b) => a! - b!));
});
