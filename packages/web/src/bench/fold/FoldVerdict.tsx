import { balanceWays, withSizeFor, worstTone } from '@ember-fold/core';
import { useMemo } from 'react';
import { styled, useTheme } from 'styled-components';
import { useEdit } from '../../data/useEdit';
import type { Line } from '../../data/useLine';
import { balanceText } from '../../text/balanceText';
import { FOLD as T } from '../../text/foldPhrases';
import { Button } from '../../ui/controls/Button';
import { Findings, toneColour } from '../../ui/controls/Findings';
import { Figure, Soft } from '../../ui/controls/Panel';
import { FillGauge } from '../../ui/drawing/FillGauge';

const Ways = styled.ul`
  display: grid;
  gap: 8px;
  margin-top: 8px;
`;

/** How full the pocket is, what is found, and the ways to make dough and filling end together. */
export function FoldVerdict({ line }: { readonly line: Line }) {
  const edit = useEdit();
  const theme = useTheme();
  const { draft, kitchen, printer, cold } = line;
  const { piece, findings } = cold.fold;
  const ways = useMemo(() => balanceWays(draft, kitchen), [draft, kitchen]);
  return (
    <>
      <Soft>{T.pocketFilled}</Soft>
      <Figure>{piece ? printer.percent(piece.fill) : T.noPocket}</Figure>
      {piece && <FillGauge fill={piece.fill} colour={theme[toneColour(worstTone(findings))]} />}
      {piece && (piece.fill < 0.6 || piece.fill > 0.85) && (
        <Button
          style={{ width: '100%' }}
          onPress={() => edit('fold.size', (d, known) => withSizeFor(d, { fill: 0.75 }, known))}
        >
          {T.sizeItToBe75}
        </Button>
      )}
      <Findings findings={findings} printer={printer} />
      {ways.length > 0 && (
        <Ways aria-label={T.waysToEndTogether}>
          {ways.map((way) => (
            <li key={way.code}>
              <Button style={{ width: '100%' }} onPress={() => edit(`fold.${way.code}`, () => way.next)}>
                {balanceText(way, printer)}
              </Button>
            </li>
          ))}
        </Ways>
      )}
    </>
  );
}
