import type { StartPoint } from '@ember-fold/core/stove';
import { useTheme } from 'styled-components';
import type { ReactNode } from 'react';

/** Something that must not be there: crossed out. */
const NOT_HERE: ReadonlySet<StartPoint> = new Set<StartPoint>(['dry', 'children']);

/** Each point as a picture of what is seen when it is right, in a box of 48 by 48. */
const SIGN: Readonly<Record<StartPoint, ReactNode>> = {
  // A pot, its oil under a third, and the mark of the half.
  level: (
    <>
      <path d="M10 12v24a4 4 0 0 0 4 4h20a4 4 0 0 0 4-4V12M6 18h4M38 18h4" />
      <path d="M10 31h28v5a4 4 0 0 1-4 4H14a4 4 0 0 1-4-4z" fill="#E0A030" stroke="none" />
      <path d="M14 26h4M22 26h4M30 26h4" strokeWidth={1.5} />
    </>
  ),
  // A drop of water.
  dry: <path d="M24 8c6 9 10 14 10 20a10 10 0 0 1-20 0c0-6 4-11 10-20z" fill="#7FB4DA" />,
  // A lid with its setting, beside the pot.
  lid: (
    <>
      <path d="M8 22a16 10 0 0 1 32 0zM24 12V8M20 8h8M6 22h36" />
      <path d="M12 30v6a4 4 0 0 0 4 4h16a4 4 0 0 0 4-4v-6" strokeDasharray="3 3" />
    </>
  ),
  // A blanket that is drawn out of its case by two ranges.
  blanket: (
    <>
      <path d="M12 6h24v16H12zM18 22v6M30 22v6" />
      <path d="M8 28h32v10c-5 4-11-2-16 1s-11 0-16-1z" />
    </>
  ),
  // A small person.
  children: <path d="M24 12a4.5 4.5 0 1 0 .01 0M24 21v10M14 24h20M24 31l-7 9M24 31l7 9" />,
  // A cylinder with its hose and its lever.
  extinguisher: (
    <>
      <path d="M17 18a7 7 0 0 1 14 0v22H17z" fill="#D9543B" fillOpacity={0.35} />
      <path d="M24 11V6M18 6h14M31 8c6 1 7 6 6 14M17 26h14" />
    </>
  ),
  // A sleeve with a tight cuff, its hand, and a handle that is turned in.
  sleeves: (
    <>
      <path d="M4 10 22 16 19 26 4 21z" />
      <path d="M23 14 27 15.5 24 27.5 20 26z" fill="#D9543B" fillOpacity={0.35} />
      <path d="M27 17c6 0 9 2 10 5s-3 5-6 5l-6-1" />
      <path d="M24 34h16a4 4 0 0 1 0 8H24M24 34v8M12 36l10 2" />
    </>
  ),
  // A thermometer beside smoke, with its mark.
  'smoke-point': (
    <>
      <path d="M14 8a3 3 0 0 1 6 0v20a6 6 0 1 1-6 0zM17 16v16" />
      <path d="M30 38c-4-5 4-7 0-12s4-7 0-12M38 38c-4-5 4-7 0-12s4-7 0-12" />
    </>
  ),
  // A telephone in the hand.
  phone: <path d="M16 6h16v36H16zM16 12h16M16 35h16M23 38.5h2" />,
  // A sheet of rules with a seal.
  rules: <path d="M12 6h18l6 6v30H12zM30 6v6h6M17 18h14M17 24h14M17 30h6M31 34a3.5 3.5 0 1 0 .01 0" />,
};

/** The picture of a point that is gone through before any oil is heated; its words stand beside it. */
export function StartSign({ point }: { readonly point: StartPoint }) {
  const theme = useTheme();
  return (
    <svg
      viewBox="0 0 48 48"
      style={{ flex: 'none' }}
      width={44}
      height={44}
      aria-hidden
      fill="none"
      stroke={theme.ink}
      strokeWidth={2}
      strokeLinejoin="round"
      strokeLinecap="round"
    >
      {SIGN[point]}
      {NOT_HERE.has(point) && (
        <g stroke={theme.stop} strokeWidth={3}>
          <circle cx={24} cy={24} r={21} />
          <path d="M9.5 38.5 38.5 9.5" />
        </g>
      )}
    </svg>
  );
}
