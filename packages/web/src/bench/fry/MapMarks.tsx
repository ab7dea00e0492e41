import type { FryMapRow } from '@ember-fold/core/plan';
import { styled, useTheme } from 'styled-components';
import { FRY as T } from '#text/bench/fry/fryPhrases';

const Key = styled.span`
  display: flex;
  gap: 10px;
  i {
    display: inline-block;
    width: 20px;
    margin-right: 5px;
    border-top: 3px solid currentColor;
    vertical-align: 4px;
  }
`;

/** What the heavy lines are: each question of the inside has its own. */
export function MapMarks({ rows }: { readonly rows: readonly FryMapRow[] }) {
  const theme = useTheme();
  const marks: readonly [string, string, 'solid' | 'dashed', boolean][] = [
    [T.markSet, theme.ink, 'solid', true],
    [T.markSafe, theme.stop, 'solid', rows.some((row) => row.safeS !== null)],
    [T.markHot, theme.know, 'dashed', rows.some((row) => row.hotS !== null)],
  ];
  return (
    <Key style={{ left: 8, top: 8 }}>
      {marks.map(([name, colour, line, isThere]) =>
        isThere ? (
          <b key={name} style={{ fontWeight: 400 }}>
            <i style={{ color: colour, borderTopStyle: line }} />
            {name}
          </b>
        ) : null,
      )}
    </Key>
  );
}
