import { SHARED as T } from '#text/shared/sharedPhrases';
import { FILL_RANGE } from '@ember-fold/core/plan';
import { styled } from 'styled-components';
import { figureFont } from '../theme';

const Bar = styled.div`
  position: relative;
  height: 12px;
  margin: 8px 0 4px;
  border-radius: 6px;
  background: ${({ theme }) => theme.well};
  overflow: hidden;
  i {
    position: absolute;
    inset: 0 auto 0 0;
  }
  b {
    position: absolute;
    top: 0;
    bottom: 0;
    width: 2px;
    background: ${({ theme }) => theme.ink};
  }
`;

const Ends = styled.div`
  ${figureFont}
  display: flex;
  justify-content: space-between;
  font-size: 12px;
  color: ${({ theme }) => theme.soft};
`;

/** Full scale of the gauge, as a share of what the pocket holds. */
const SCALE = 1.15;
const MARKS = [FILL_RANGE.least, FILL_RANGE.most, 1];

/** How full a pocket is, against what holds and what bursts. */
export function FillGauge({ fill, colour }: { readonly fill: number; readonly colour: string }) {
  const at = (share: number) => `${Math.min(100, (100 * share) / SCALE)}%`;
  return (
    <>
      <Bar aria-hidden>
        <i style={{ width: at(fill), background: colour }} />
        {MARKS.map((mark) => (
          <b key={mark} style={{ left: at(mark) }} />
        ))}
      </Bar>
      <Ends aria-hidden>
        <span>{T.bready}</span>
        <span>{T.holdsWell(FILL_RANGE.least * 100, FILL_RANGE.most * 100)}</span>
        <span>{T.burstsShort}</span>
      </Ends>
    </>
  );
}
