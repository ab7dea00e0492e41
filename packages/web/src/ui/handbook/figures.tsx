import {
  coolFilling,
  DOUGH_FAMILIES,
  doughFamily,
  SHAPES,
  ingredientById,
  type Kitchen,
  type TrayDraft,
} from '@ember-fold/core/plan';
import { CRUMB_ANSWERS, crumbRange } from '@ember-fold/core/stove';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { SHAPE_WORDS } from '#text/shared/shapeWords';
import { type FigureId, METHOD_OIL } from '#text/learn/handbook/page';
import { HANDBOOK as T, KEEPS, SYMPTOMS } from '#text/learn/handbook/handbook';
import type { Printer } from '../../text/printer';
import { CRUMB_NAME } from '#text/bench/fry/methodText';
import { FAMILY_WORDS } from '#text/shared/familyWords';
import { Cautions } from '../controls/list/Cautions';
import { Soft } from '../layout/Panel';
import { ShapePicture } from '../drawing/ShapePicture';
import { useShapePieces } from '../drawing/useShapePieces';
import { PourLadder } from '../drawing/PourLadder';
import { StiffnessDial } from '../drawing/StiffnessDial';
import { MethodsHere } from './MethodsHere';
import { Table } from './Table';

export interface FigureProps {
  readonly printer: Printer;
  readonly kitchen: Kitchen;
  /** The batch at hand; `null`: none is. */
  readonly draft: TrayDraft | null;
}

/** From one to another: said once where both are the same, with one unit where they share it. */
function between(least: string, most: string): string {
  if (least === most) return least;
  const [, from, unit] = /^([\d.]+)( ?\D+)$/.exec(least) ?? [];
  return unit !== undefined && most.endsWith(unit) ? `${from}–${most}` : `${least} – ${most}`;
}

function Families({ printer: p }: FigureProps) {
  const rows = DOUGH_FAMILIES.map(({ id, fatPercent, waterPercent, rolledM, oilC, restS }) => [
    FAMILY_WORDS[id].name,
    between(p.percent(fatPercent.least / 100), p.percent(fatPercent.most / 100)),
    between(p.percent(waterPercent.least / 100), p.percent(waterPercent.most / 100)),
    between(p.length(rolledM.least), p.length(rolledM.most)),
    between(p.temp(oilC.least), p.temp(oilC.most)),
    between(p.span(restS.least), p.span(restS.most)),
  ]);
  return <Table label={T.family} head={[T.family, T.fat, T.water, T.rolled, T.oil, T.rest]} rows={rows} />;
}

/** Flour for two dozen small pieces, kg. */
const FLOUR_KG = 0.5;
const SPOON_KG = 0.015;

function Pour({ printer }: FigureProps) {
  const { waterPercent, firstPour } = doughFamily('shortcrust');
  const waterKg = (FLOUR_KG * (waterPercent.least + waterPercent.most)) / 200;
  const firstKg = waterKg * firstPour;
  return (
    <>
      <Soft>{T.flourPour(printer.mass(FLOUR_KG))}</Soft>
      <PourLadder
        firstKg={firstKg}
        reserveKg={waterKg - firstKg}
        pouredKg={firstKg}
        spoonKg={SPOON_KG}
        printMass={printer.water}
      />
    </>
  );
}

function Stiffness() {
  const { stiffness } = doughFamily('shortcrust');
  return (
    <>
      <Soft>{T.dial}</Soft>
      <StiffnessDial stiffness={(stiffness.least + stiffness.most) / 2} range={stiffness} />
    </>
  );
}

const DEPTHS_M = [0.01, 0.02, 0.03, 0.05];
const HOT_C = 90;
const FOLD_C = 20;

function Cooling({ printer: p, kitchen: { roomC, fridgeC } }: FigureProps) {
  const until = (depthM: number, place: 'fridge' | 'ice-bath') => {
    const { toFoldS } = coolFilling({ depthM, startC: HOT_C, place, roomC, fridgeC, covered: false }, FOLD_C);
    return toFoldS === null ? T.never : p.span(toFoldS);
  };
  const rows = DEPTHS_M.map((depthM) => [p.length(depthM), until(depthM, 'fridge'), until(depthM, 'ice-bath')]);
  return <Table label={T.cooledIn} head={[T.depth, T.inFridge, T.inIce]} rows={rows} />;
}

const Shapes = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(150px, 45%), 1fr));
  gap: 10px;
  svg {
    width: 96px;
    height: 62px;
  }
  strong,
  small {
    display: block;
  }
  small {
    color: ${({ theme }) => theme.soft};
  }
`;

function ShapeDrawings() {
  const pieces = useShapePieces();
  return (
    <Shapes>
      {SHAPES.map(({ id: shape }) => {
        const found = pieces.find(({ id }) => id === shape);
        return (
          <li key={shape}>
            {found ? <ShapePicture piece={found.shape} fold={found.fold} crust={0.7} /> : <svg aria-hidden />}
            <strong>{SHAPE_WORDS[shape].name}</strong>
            <small>{SHAPE_WORDS[shape].line}</small>
          </li>
        );
      })}
    </Shapes>
  );
}

function Crumb({ printer: p }: FigureProps) {
  const rows = CRUMB_ANSWERS.map((answer) => {
    const { leastC, mostC } = crumbRange(answer);
    return [CRUMB_NAME[answer], between(p.temp(leastC), p.temp(mostC))];
  });
  return <Table label={T.crumb} head={[T.crumb, T.means]} rows={rows} />;
}

function Methods({ printer: p, kitchen, draft }: FigureProps) {
  const oil = ([least, most]: readonly [number, number]) => between(p.temp(least), p.temp(most));
  const rows = [
    [T.slow, oil(METHOD_OIL.slow.startC), oil(METHOD_OIL.slow.endC)],
    [T.quick, oil(METHOD_OIL.quick.startC), oil(METHOD_OIL.quick.endC)],
  ];
  return (
    <>
      <Table label={T.oil} head={[T.oil, T.start, T.end]} rows={rows} />
      {draft && <MethodsHere draft={draft} kitchen={kitchen} printer={p} />}
    </>
  );
}

function Symptoms({ printer }: FigureProps) {
  const rows = SYMPTOMS.map(([seen, likely, change]) => [seen, likely, change(printer)]);
  return <Table label={T.seen} head={[T.seen, T.likely, T.first]} rows={rows} />;
}

function Keeping({ printer }: FigureProps) {
  return (
    <Table label={T.howLong} head={[T.what, T.howLong]} rows={KEEPS.map(([what, long]) => [what, long(printer)])} />
  );
}

const CUPS_OF = ['plain-wheat-flour', 'wholemeal-wheat-flour', 'butter', 'fine-salt', 'milk'];

function Cups({ printer, kitchen }: FigureProps) {
  const rows = CUPS_OF.flatMap((id) => {
    const found = ingredientById(id);
    if (!found) return [];
    return [[found.name, printer.mass((kitchen.measures.cupMl / 1e6) * found.densityKgPerM3)]];
  });
  return <Table label={T.cup} head={[T.cup, printer.massUnit]} rows={rows} />;
}

/** What each page shows; drawn and worked out by the product itself, for this kitchen. */
export const FIGURES: Readonly<Record<FigureId, (props: FigureProps) => ReactNode>> = {
  families: Families,
  pour: Pour,
  stiffness: Stiffness,
  cooling: Cooling,
  shapes: ShapeDrawings,
  crumb: Crumb,
  methods: Methods,
  cautions: ({ printer }) => <Cautions printer={printer} />,
  symptoms: Symptoms,
  keeping: Keeping,
  cups: Cups,
};
