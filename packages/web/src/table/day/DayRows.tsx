import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { figureFont } from '../../ui/theme';
import { onlyWide } from './batchColour';

const Wait = styled.li<{ $colour: string }>`
  position: absolute;
  height: 17px;
  min-width: 3px;
  overflow: hidden;
  padding: 0 4px;
  font-size: 12px;
  line-height: 17px;
  white-space: nowrap;
  color: ${({ theme }) => theme.ink};
  border-top: 3px dotted ${({ $colour }) => $colour};
  i {
    position: absolute;
    top: -3px;
    width: 2px;
    height: 9px;
    background: ${({ theme }) => theme.ink};
  }
`;

/** What goes on at one time stands under one another. */
export function lanesOf<T extends { readonly startMs: number; readonly endMs: number }>(all: readonly T[]): T[][] {
  const lanes: T[][] = [];
  for (const one of [...all].sort((a, b) => a.startMs - b.startMs)) {
    const free = lanes.find((lane) => lane.at(-1)!.endMs <= one.startMs);
    if (free) free.push(one);
    else lanes.push([one]);
  }
  return lanes;
}

/** One batch in the oil, or the oil on its way. */
export const PotStep = styled.li<{ $colour: string }>`
  ${figureFont}
  position: absolute;
  top: 6px;
  bottom: 6px;
  overflow: hidden;
  padding: 0 6px;
  border-radius: 8px;
  font-size: 13px;
  font-weight: 600;
  line-height: 32px;
  white-space: nowrap;
  color: #fff;
  background: ${({ $colour }) => $colour};
  border: 1px solid ${({ theme }) => theme.panel};
  ${onlyWide}
`;

interface WaitsProps {
  readonly name: string;
  readonly lanes: readonly (readonly {
    readonly key: string;
    readonly place: { readonly left: string; readonly width: string };
    readonly colour: string;
    readonly name: string;
    readonly says: string;
    /** How far along it has to be cold. */
    readonly limit?: string;
  }[])[];
}

/** Waits, those at one time under one another. */
export function Waits({ name, lanes }: WaitsProps) {
  if (lanes.length === 0) return null;
  return (
    <Row name={name} says="" heightPx={20 * lanes.length + 8}>
      {lanes.flatMap((lane, i) =>
        lane.map((wait) => (
          <Wait key={wait.key} $colour={wait.colour} style={{ ...wait.place, top: 20 * i + 6 }} title={wait.says}>
            {wait.limit && <i style={{ left: wait.limit }} />}
            <span aria-hidden>{wait.name}</span>
            <span className="visually-hidden">{wait.says}</span>
          </Wait>
        )),
      )}
    </Row>
  );
}

interface RowProps {
  readonly name: string;
  readonly says: string;
  readonly heightPx?: number;
  readonly children: ReactNode;
}

export function Row({ name, says, heightPx, children }: RowProps) {
  return (
    <section>
      <h3>
        {name}
        {says !== '' && <small>{says}</small>}
      </h3>
      <ol aria-label={name} style={heightPx === undefined ? undefined : { minHeight: heightPx }}>
        {children}
      </ol>
    </section>
  );
}
