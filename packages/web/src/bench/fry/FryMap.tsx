import { FRY as T } from '#text/bench/fry/fryPhrases';
import {
  doughFamily,
  failingOf,
  forgivingPoint,
  type FryMapRow,
  type FryMapSpec,
  marginsAt,
  type OutcomeChances,
  type OutcomeSurface,
} from '@ember-fold/core/plan';
import { memo, useMemo, useRef, useState } from 'react';
import { useMove } from 'react-aria';
import { styled } from 'styled-components';
import { useEdit } from '../../data/draft/useEdit';
import type { Line } from '../../data/draft/useLine';
import { FryMapChart, MAP_EDGE } from '../../ui/charts/FryMapChart';
import { Button } from '../../ui/controls/button/Button';
import { Soft } from '../../ui/layout/Panel';
import { chancesText, forgivingText, marginText, storyText } from '#text/bench/fry/mapText';
import { MapMarks } from './MapMarks';
import { useChances, useMap } from './useFryMap';
import { MAP_OIL as OIL, type MapSize, useMapSpec } from './useMapSpec';

const HIGH = 344;
/** Limits of what a point can be dragged to, as the fields have them. */
const LEAST_S = 20;

const Frame = styled.div`
  position: relative;
`;

const Plane = styled.div`
  position: absolute;
  inset: ${MAP_EDGE.top}px ${MAP_EDGE.right}px ${MAP_EDGE.bottom}px ${MAP_EDGE.left}px;
  overflow: hidden;
  cursor: crosshair;
  > span {
    position: absolute;
    padding: 0 4px;
    font-size: 13px;
    border-radius: 4px;
    color: ${({ theme }) => theme.ink};
    background: rgb(255 255 255 / 72%);
    pointer-events: none;
  }
`;

const Point = styled.div`
  position: absolute;
  width: 44px;
  height: 44px;
  margin: -22px;
  display: grid;
  place-items: center;
  border-radius: 50%;
  cursor: grab;
  touch-action: none;
  outline: none;
  i {
    width: 22px;
    height: 22px;
    border-radius: 50%;
    border: 3px solid #fff;
    background: ${({ theme }) => theme.accent};
    box-shadow: 0 0 0 1px ${({ theme }) => theme.ink};
  }
  &:focus-visible i {
    box-shadow: 0 0 0 4px ${({ theme }) => theme.know};
  }
`;

const Forgives = styled.div`
  position: absolute;
  border: 2px dashed #fff;
  border-radius: 50%;
  pointer-events: none;
  filter: drop-shadow(0 0 1px rgb(0 0 0 / 60%));
`;

const Cross = styled.div`
  position: absolute;
  background: ${({ theme }) => theme.ink};
  opacity: 0.55;
  pointer-events: none;
`;

const nearest = (rows: readonly FryMapRow[], oilC: number): FryMapRow | null =>
  rows.reduce<FryMapRow | null>(
    (near, row) => (near === null || Math.abs(row.oilC - oilC) < Math.abs(near.oilC - oilC) ? row : near),
    null,
  );

/** Where along the time the regions are named. */
const LABELS_AT = 0.82;
/** A region that is narrower than this is not named, °C. */
const LEAST_ROOM_C = 9;

/** Names of the regions and the oil in the middle of each. */
function labelsOf(rows: readonly FryMapRow[], horizonS: number): [string, number][] {
  const s = LABELS_AT * horizonS;
  const from = (pick: (row: FryMapRow) => number | null) =>
    rows.find((row) => (pick(row) ?? Infinity) <= s)?.oilC ?? OIL.most;
  const [golden, dark] = [from((row) => row.goldenS), from((row) => row.darkS)];
  const named: [string, number, number][] = [
    ['pale', OIL.least, golden],
    ['golden', golden, dark],
  ];
  return named.flatMap(([name, low, high]): [string, number][] =>
    high - low > LEAST_ROOM_C ? [[name, (low + high) / 2 - 2]] : [],
  );
}

/** Oil against minutes for this piece: what comes out, how much it forgives; the point is dragged, the line follows. */
export function FryMap({ line, size }: { readonly line: Line; readonly size: MapSize }) {
  const edit = useEdit();
  const { draft, printer, hot } = line;
  const plan = hot?.fry ?? null;
  const { oilC } = draft.fry;
  // The cook's own minutes at once; the solver's when its plan is there.
  const timeS = draft.fry.minutesS ?? plan?.takeOutS ?? null;
  const { spec, key } = useMapSpec(line, size, timeS);
  if (!spec || !plan) return null;
  return (
    <MapOf
      spec={spec}
      mapKey={key}
      oilC={oilC}
      timeS={timeS}
      isLeftToPlan={draft.fry.minutesS === null}
      surface={plan.surface}
      planned={
        size !== 'as-folded' || spec.byColour ? 'not-planned' : line.hotIsCurrent ? (plan?.chances ?? null) : null
      }
      usualC={doughFamily(draft.dough.family).oilC}
      onPoint={(c, s) => edit('fry.point', (d) => ({ ...d, fry: { ...d.fry, oilC: c, minutesS: s } }))}
      printer={printer}
    />
  );
}

interface MapOfProps {
  readonly spec: FryMapSpec;
  readonly mapKey: string;
  readonly oilC: number;
  readonly timeS: number | null;
  /** How the pieces of the plan come out; `null`: not known yet. `not-planned`: the map is of other pieces, or of their colour alone. */
  readonly planned: OutcomeChances | 'not-planned' | null;
  readonly isLeftToPlan: boolean;
  readonly surface: OutcomeSurface;
  /** Oil that is usual for this dough, °C. */
  readonly usualC: { readonly least: number; readonly most: number };
  readonly printer: Line['printer'];
  /** @param timeS `null`: left to the plan */
  readonly onPoint: (oilC: number, timeS: number | null) => void;
}

const Picture = memo(FryMapChart);

function MapOf({ spec, mapKey, oilC, timeS, planned, isLeftToPlan, surface, usualC, printer, onPoint }: MapOfProps) {
  const { horizonS } = spec;
  const { rows, whole, failed } = useMap(spec, mapKey);
  const others = useChances(planned === 'not-planned' ? spec : null, oilC, timeS);
  const chances = planned === 'not-planned' ? others : planned;
  const plane = useRef<HTMLDivElement>(null);
  const [hover, setHover] = useState<readonly [number, number] | null>(null);
  const best = useMemo(() => (whole ? forgivingPoint(rows, usualC, surface) : null), [rows, whole, usualC, surface]);
  // Taken as it is: whole degrees, and the minutes left to the plan.
  const isTaken = best !== null && Math.abs(oilC - best.oilC) <= 1 && isLeftToPlan;
  const held = useRef({ oilC, timeS: timeS ?? 0 });
  const put = (c: number, s: number) => {
    const at = {
      oilC: Math.min(OIL.most, Math.max(OIL.least, c)),
      timeS: Math.min(horizonS, Math.max(LEAST_S, s)),
    };
    held.current = at;
    onPoint(Math.round(at.oilC), Math.round(at.timeS / 5) * 5);
  };
  const { moveProps } = useMove({
    onMoveStart: () => {
      held.current = { oilC, timeS: timeS ?? horizonS / 2 };
    },
    onMove: ({ deltaX, deltaY, pointerType }) => {
      const box = plane.current?.getBoundingClientRect();
      if (!box) return;
      const keys = pointerType === 'keyboard';
      const dS = keys ? deltaX * 10 : (deltaX / box.width) * horizonS;
      const dC = keys ? -deltaY : (-deltaY / box.height) * (OIL.most - OIL.least);
      put(held.current.oilC + dC, held.current.timeS + dS);
    },
  });
  const percentX = (s: number) => `${(100 * s) / horizonS}%`;
  const percentY = (c: number) => `${(100 * (c - OIL.least)) / (OIL.most - OIL.least)}%`;
  const row = nearest(rows, oilC);
  const fault = chances && failingOf(chances);
  const margins = timeS === null || rows.length === 0 ? null : marginsAt(rows, oilC, timeS);
  const story = row && timeS !== null ? storyText(row, oilC, timeS, horizonS, printer, spec.byColour, fault) : null;
  const at = (event: { clientX: number; clientY: number }): [number, number] | null => {
    const box = plane.current?.getBoundingClientRect();
    if (!box) return null;
    return [
      OIL.most - ((event.clientY - box.top) / box.height) * (OIL.most - OIL.least),
      ((event.clientX - box.left) / box.width) * horizonS,
    ];
  };
  const under = hover && nearest(rows, hover[0]);
  if (failed) return <p>{T.theMapCouldNotBe}</p>;
  return (
    <div>
      <Frame style={{ minHeight: HIGH }}>
        {rows.length > 1 && (
          <Picture
            rows={rows}
            oilC={OIL}
            horizonS={horizonS}
            printer={printer}
            height={HIGH}
            label={T.mapOfOilAndMinutes(forgivingText(best, printer))}
          />
        )}
        <Plane
          ref={plane}
          data-map={whole ? 'whole' : 'coming'}
          onPointerMove={(event) => setHover(at(event))}
          onPointerLeave={() => setHover(null)}
          onClick={(event) => {
            const to = event.target === plane.current ? at(event) : null;
            if (to) put(...to);
          }}
        >
          {rows.length > 1 && (
            <>
              {!spec.byColour && <span style={{ left: 8, bottom: 8 }}>{T.hatchedRawInside}</span>}
              <MapMarks rows={rows} />
              <span style={{ right: 8, top: 8 }}>{T.dark}</span>
              {labelsOf(rows, horizonS).map(([name, c]) => (
                <span
                  key={name}
                  style={{ left: percentX(LABELS_AT * horizonS), bottom: percentY(c), transform: 'translateX(-50%)' }}
                >
                  {name}
                </span>
              ))}
            </>
          )}
          {best && (
            <Forgives
              style={{
                left: percentX(best.timeS - best.margin * 45),
                bottom: percentY(best.oilC - best.margin * 5),
                width: percentX(best.margin * 90),
                height: `${(100 * best.margin * 10) / (OIL.most - OIL.least)}%`,
              }}
            />
          )}
          {timeS !== null && (
            <>
              <Cross style={{ left: 0, bottom: percentY(oilC), width: percentX(timeS), height: 1 }} />
              <Cross style={{ left: percentX(timeS), bottom: 0, height: percentY(oilC), width: 1 }} />
              <Point
                {...moveProps}
                role="slider"
                tabIndex={0}
                aria-label={T.oilAndMinutesOnThe}
                aria-valuenow={oilC}
                aria-valuemin={OIL.least}
                aria-valuemax={OIL.most}
                aria-valuetext={story ?? T.theFor(printer.temp(oilC), printer.time(timeS))}
                style={{ left: percentX(timeS), top: `calc(100% - ${percentY(oilC)})` }}
              >
                <i />
              </Point>
            </>
          )}
        </Plane>
      </Frame>
      <p style={{ minHeight: 44 }}>
        {under && hover
          ? storyText(under, hover[0], hover[1], horizonS, printer, spec.byColour)
          : (story ?? (whole ? T.chooseOnTheMap : T.workingItOut))}
      </p>
      <Soft data-margins>
        {row && timeS !== null && whole
          ? [
              // How far a planned piece may be out says nothing where too many others are wrong already.
              ...(fault === null || margins === null ? [marginText(margins, printer, spec.byColour)] : []),
              chances ? chancesText(chances, spec.byColour) : T.tryingABatchOfThem,
            ].join(' ')
          : ' '}
      </Soft>
      <Button
        $look="quiet"
        style={{ padding: 0 }}
        isDisabled={!best || isTaken}
        onPress={() => best && onPoint(Math.round(best.oilC), null)}
      >
        {best
          ? T.takeTheMostForgiving(printer.temp(best.oilC), printer.span(best.timeS))
          : T.lookingForTheMostForgiving}
      </Button>
    </div>
  );
}
