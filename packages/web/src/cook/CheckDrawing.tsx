import { COOK as T } from '#text/cook/cookPhrases';
import type { CheckId } from '@ember-fold/core/plan';
import type { ReactNode } from 'react';
import { styled, useTheme } from 'styled-components';
import { crustColour } from '../ui/drawing/crust';

const Svg = styled.svg`
  display: block;
  width: 168px;
  height: 112px;
  flex: none;
`;

/** What it looks like when it is right. */
const WORDS: Record<CheckId, string> = {
  spoon: T.aSpoonHasDrawnA,
  cold: T.aFingerInTheMiddle,
  fist: T.aSqueezedHandfulThatKeeps,
  windowpane: T.doughStretchedBetweenTwoHands,
  smooth: T.oneSmoothRoundOfDough,
  slack: T.aDentInTheDough,
  poke: T.aFingertipOnAPiece,
  seam: T.aSealedRimBetweenTwo,
  crumb: T.aCrumbOfDoughAt,
};

/** A small drawing of what is looked for; in the colours of dough and oil. */
export function CheckDrawing({ check }: { readonly check: CheckId }) {
  const theme = useTheme();
  const dough = crustColour(0.1);
  const line = { stroke: theme.ink, strokeWidth: 2, fill: 'none', strokeLinecap: 'round' } as const;
  const body = { stroke: theme.ink, strokeWidth: 2, fill: dough } as const;
  const finger = (x: number, y: number) => (
    <path d={`M${x - 9} ${y - 46}v36a9 9 0 0 0 18 0v-36`} {...line} fill={theme.panel} />
  );
  const drawn: Record<CheckId, ReactNode> = {
    spoon: (
      <>
        <ellipse cx={84} cy={72} rx={74} ry={30} {...line} fill={theme.well} />
        <path d="M18 70q30-20 58-14l-8 32q-34-2-50-18zM150 70q-24-20-52-14l8 32q30-2 44-18z" {...body} />
        <path d="M87 70 120 8" {...line} strokeWidth={5} />
        <ellipse cx={86} cy={72} rx={7} ry={11} {...line} fill={theme.panel} />
      </>
    ),
    cold: (
      <>
        <path d="M12 58h144l-10 38H22z" {...line} fill={theme.well} />
        <path d="M18 64h132l-6 26H24z" {...body} />
        {finger(84, 76)}
      </>
    ),
    fist: (
      <>
        <path d="M40 76q-8-40 30-46 46-8 58 26 8 34-28 40-48 8-60-20z" {...body} />
        <path d="M60 34q4 18-4 34M80 28q6 20 0 40M102 30q6 18 2 36" {...line} />
        <path d="M24 100h120" {...line} strokeDasharray="2 8" />
      </>
    ),
    windowpane: (
      <>
        <path d="M30 24q54 16 108 0l-8 64q-46-14-92 0z" {...body} fillOpacity={0.55} />
        <circle cx={84} cy={54} r={16} fill={theme.hand} fillOpacity={0.5} />
        <path
          d="M84 30v-6M84 84v-6M60 54h-6M114 54h-6M67 37l-4-4M101 71l4 4M101 37l4-4M67 71l-4 4"
          {...line}
          strokeWidth={1.5}
        />
        <path d="M30 24Q8 34 14 62q8 22 24 26M138 24q22 10 16 38-8 22-24 26" {...line} />
      </>
    ),
    smooth: (
      <>
        <path d="M26 92q-6-62 58-62t58 62z" {...body} />
        <path d="M52 52q14-12 34-12" {...line} strokeWidth={1.5} />
        <path d="M14 92h140" {...line} />
      </>
    ),
    slack: (
      <>
        <path d="M20 92q-4-46 42-50 10 0 14 12 8 12 16 0 4-12 14-12 44 6 42 50z" {...body} />
        {finger(84, 50)}
        <path d="M14 92h140" {...line} />
      </>
    ),
    poke: (
      <>
        <path d="M14 92q6-54 70-54t70 54z" {...body} />
        <path d="M30 92q10-40 54-40t54 40" {...line} strokeWidth={1.5} strokeDasharray="2 7" />
        {finger(84, 52)}
        <path d="M14 92h140" {...line} />
      </>
    ),
    seam: (
      <>
        <path d="M34 84q-6-54 50-54t50 54z" {...body} />
        <path d="M34 84h100" {...line} strokeWidth={5} strokeDasharray="9 5" />
        <path d="M8 62q20-8 34 8M8 98q24 6 36-10M160 62q-20-8-34 8M160 98q-24 6-36-10" {...line} />
      </>
    ),
    crumb: (
      <>
        <path d="M20 16v72q0 12 12 12h104q12 0 12-12V16" {...line} />
        <path d="M22 38h124v50q0 10-10 10H32q-10 0-10-10z" fill={crustColour(0.9)} fillOpacity={0.55} />
        <circle cx={84} cy={42} r={9} {...body} />
        {[
          [70, 58],
          [98, 56],
          [84, 66],
          [76, 78],
          [94, 80],
          [86, 90],
        ].map(([x, y]) => (
          <circle key={`${x} ${y}`} cx={x} cy={y} r={3.5} {...line} strokeWidth={1.5} />
        ))}
      </>
    ),
  };
  return (
    <Svg viewBox="0 0 168 112" role="img" aria-label={WORDS[check]}>
      {drawn[check]}
    </Svg>
  );
}
