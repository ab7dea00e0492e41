import type { RecipeCount } from '@ember-fold/core/files';
import { RANGES } from '@ember-fold/core/plan';
import { NEW_BATCH as T } from '#text/bench/new/recipePhrases';
import { Choice } from '../../ui/controls/choice/Choice';
import { Row } from '../../ui/layout/Panel';
import { CountField, GramField, LengthField } from '../../ui/controls/field/UnitFields';
import type { Printer } from '../../text/printer';

type CountWay = 'pieces' | 'guests' | 'roll' | 'scale' | 'flour';

/** How many, however the cook reckons it. */
export interface Count {
  readonly way: CountWay;
  readonly pieces: number;
  readonly guests: number;
  readonly each: number;
  readonly thicknessM: number;
  readonly discM: number;
  readonly flourKg: number;
}

/** Pieces that are asked for; of what is rolled out or used up, those follow. */
export const piecesOf = ({ way, pieces, guests, each }: Count): number =>
  Math.min(RANGES.draft.pieces.most, way === 'guests' ? guests * each : pieces);

/** A recipe's count. */
export function recipeCount(count: Count): RecipeCount {
  const { way, thicknessM, discM } = count;
  if (way === 'roll') return { how: 'roll', thicknessM, discM };
  if (way === 'scale') return { how: 'scale', pieces: piecesOf(count), thicknessM, discM };
  return { how: 'divide', pieces: piecesOf(count) };
}

interface HowManyProps {
  readonly count: Count;
  readonly ways: readonly CountWay[];
  readonly onCount: (change: Partial<Count>) => void;
  readonly printer: Printer;
}

/** Pieces, guests, the sheet or the flour: one of them is said, the others follow. */
export function HowMany({ count, ways, onCount, printer }: HowManyProps) {
  const options = Object.fromEntries(ways.map((way) => [way, T.ways[way]])) as Record<CountWay, string>;
  return (
    <>
      <Choice label={T.howMany} value={count.way} options={options} onChange={(way) => onCount({ way })} />
      {(count.way === 'pieces' || count.way === 'scale') && (
        <Row>
          <CountField
            label={ways.includes('roll') && count.way === 'pieces' ? T.divideInto : T.howMany}
            value={count.pieces}
            {...RANGES.draft.pieces}
            onChange={(pieces) => onCount({ pieces })}
          />
        </Row>
      )}
      {count.way === 'guests' && (
        <>
          <Row>
            <CountField
              label={T.guests}
              value={count.guests}
              {...RANGES.kitchen.guests}
              onChange={(guests) => onCount({ guests })}
            />
          </Row>
          <Row>
            <CountField
              label={T.piecesEach}
              value={count.each}
              least={1}
              most={20}
              onChange={(each) => onCount({ each })}
            />
          </Row>
        </>
      )}
      {(count.way === 'roll' || count.way === 'scale') && (
        <>
          <Row>
            <LengthField
              label={T.rolled}
              value={count.thicknessM}
              {...RANGES.draft.thicknessM}
              onChange={(thicknessM) => onCount({ thicknessM })}
            />
          </Row>
          <Row>
            <LengthField
              label={T.cutTo}
              value={count.discM}
              {...RANGES.draft.discM}
              onChange={(discM) => onCount({ discM })}
            />
          </Row>
        </>
      )}
      {count.way === 'flour' && (
        <Row>
          <GramField
            label={T.flour}
            value={count.flourKg}
            least={0.01}
            most={100}
            printer={printer}
            onChange={(flourKg) => onCount({ flourKg })}
          />
        </Row>
      )}
    </>
  );
}
