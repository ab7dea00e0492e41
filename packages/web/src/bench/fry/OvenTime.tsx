import type { TrayBake } from '@ember-fold/core/plan';
import { styled } from 'styled-components';
import { FRY as T } from '#text/bench/fry/fryPhrases';
import type { Printer } from '../../text/printer';
import { crustColour } from '../../ui/drawing/crust';
import { figureFont } from '../../ui/theme';

const Track = styled.div`
  position: relative;
  height: 26px;
  border-radius: 8px;
  overflow: hidden;
  background: ${({ theme }) => theme.well};
  i {
    position: absolute;
    top: 0;
    bottom: 0;
  }
  b {
    position: absolute;
    top: -2px;
    bottom: -2px;
    width: 3px;
    background: ${({ theme }) => theme.ink};
  }
`;

const Moments = styled.dl`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 24px;
  margin: 10px 0 0;
  dt {
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
  dd {
    ${figureFont}
    margin: 0;
    font-size: 19px;
  }
`;

/** The moments of a bake on one line: cooked through, golden, too dark, and when it is turned and taken out. */
export function OvenTime({ bake, printer }: { readonly bake: TrayBake; readonly printer: Printer }) {
  const { doneS, goldenS, darkS, minutesS, turnS } = bake;
  const endS = Math.max(60, 1.1 * Math.max(minutesS ?? 0, darkS ?? 0, goldenS ?? 0, doneS ?? 0));
  const at = (s: number) => `${(100 * Math.min(s, endS)) / endS}%`;
  const right = goldenS === null || doneS === null ? null : Math.max(goldenS, doneS);
  const moments = [
    [T.doneAfter, doneS],
    [T.goldenFrom, goldenS],
    [T.darkFrom, darkS],
    [T.turnAfter, turnS],
    [T.outAfter, minutesS],
  ] as const;
  return (
    <>
      <Track aria-hidden>
        {right !== null && right < (darkS ?? endS) && (
          <i style={{ left: at(right), right: `calc(100% - ${at(darkS ?? endS)})`, background: crustColour(1) }} />
        )}
        {darkS !== null && <i style={{ left: at(darkS), right: 0, background: crustColour(2.2) }} />}
        {minutesS !== null && <b style={{ left: at(minutesS) }} />}
      </Track>
      <Moments>
        {moments.map(([name, s]) => (
          <div key={name}>
            <dt>{name}</dt>
            <dd>{s === null ? T.notInTime : printer.time(s)}</dd>
          </div>
        ))}
      </Moments>
    </>
  );
}
