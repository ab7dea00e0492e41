import type { FirstAsk } from '@ember-fold/core/plan';
import type { ReactNode } from 'react';
import { styled, useTheme } from 'styled-components';

/** Pictures of the first questions: each shows what is answered. Drawn in a square of 64. */
const Square = styled.svg`
  width: 72px;
  height: 72px;
  flex: none;
`;

function Picture({ children }: { readonly children: ReactNode }) {
  const theme = useTheme();
  return (
    <Square viewBox="0 0 64 64" aria-hidden fill="none" stroke={theme.ink} strokeWidth={1.6} strokeLinejoin="round">
      {children}
    </Square>
  );
}

type Of<K extends keyof FirstAsk> = { readonly [key in K]: FirstAsk[key] };

/** A scale with its dial, or a measuring cup with its marks. */
export function UnitsPicture({ system }: Of<'system'>) {
  const theme = useTheme();
  if (system === 'metric') {
    return (
      <Picture>
        <path d="M10 22 H54 L50 30 H14 Z M18 30 V52 H46 V30" />
        <circle cx={32} cy={42} r={8} fill={theme.well} />
        <path d="M32 42 L36 37" stroke={theme.accent} strokeWidth={2.2} />
      </Picture>
    );
  }
  return (
    <Picture>
      <path d="M14 16 H46 L43 54 H17 Z M46 22 H56 V40 H44.6" />
      <path d="M16 34 H44.4 L43 54 H17 Z" fill={theme.well} stroke="none" />
      <path d="M26 22 H34 M26 34 H34 M26 44 H34" stroke={theme.accent} strokeWidth={2.2} />
    </Picture>
  );
}

/** m of a pot for the height of the picture. */
const POT_SCALE_M = 0.34;

/** The pot to scale, with oil to a third. */
export function PotPicture({ diameterM, heightM }: Of<'diameterM' | 'heightM'>) {
  const [wide, high] = [diameterM, heightM].map((m) => Math.min(54, (60 * m) / POT_SCALE_M)) as [number, number];
  const [left, top] = [32 - wide / 2, 56 - high];
  return (
    <Picture>
      <rect x={left} y={56 - high / 3} width={wide} height={high / 3} fill="#DDA14A" stroke="none" />
      <path
        d={`M${left} ${top} V56 H${left + wide} V${top} M${left - 4} ${top + 4} h4 M${left + wide} ${top + 4} h4`}
      />
    </Picture>
  );
}

/** What heats it: flames, a coil under glass, glowing burners, an iron plate. */
export function BurnerPicture({ burner }: Of<'burner'>) {
  const theme = useTheme();
  const hot = theme.accent;
  return (
    <Picture>
      <path d="M18 14 V32 H46 V14" />
      {burner === 'gas' && (
        <path
          d="M18 52 q-4 -7 2 -14 q6 7 2 14 M30 52 q-4 -7 2 -14 q6 7 2 14 M42 52 q-4 -7 2 -14 q6 7 2 14 M12 54 H52"
          stroke={hot}
        />
      )}
      {burner === 'induction' && (
        <>
          <path d="M8 38 H56" strokeWidth={3} />
          <path d="M16 46 q4 -8 8 0 t8 0 t8 0 t8 0" stroke={hot} />
        </>
      )}
      {burner === 'radiant' && (
        <>
          <path d="M8 38 H56" strokeWidth={3} />
          <path d="M18 44 H46 M22 49 H42 M26 54 H38" stroke={hot} strokeWidth={2.4} />
        </>
      )}
      {burner === 'plate' && <rect x={14} y={36} width={36} height={10} rx={3} fill={hot} stroke="none" />}
    </Picture>
  );
}

/** A probe in the oil, or a crumb of dough with its bubbles. */
export function ThermometerPicture({ thermometer }: Of<'thermometer'>) {
  const theme = useTheme();
  return (
    <Picture>
      <path d="M12 34 H52 V54 H12 Z" fill="#DDA14A" stroke="none" />
      <path d="M12 22 V54 H52 V22" />
      {thermometer === 'some' ? (
        <>
          <path d="M40 8 L30 46" strokeWidth={2.4} />
          <circle cx={41} cy={10} r={6} fill={theme.panel} />
        </>
      ) : (
        <>
          <path d="M28 36 l5 -3 l5 3 l-2 5 h-6 Z" fill="#F1E3C2" />
          <path
            d="M24 40 v.1 M42 38 v.1 M26 47 v.1 M39 48 v.1 M33 47 v.1"
            stroke={theme.panel}
            strokeWidth={4}
            strokeLinecap="round"
          />
        </>
      )}
    </Picture>
  );
}

/** Higher than this the hill ends, m. */
const HILL_M = 3000;

/** A house on its hill. */
export function AltitudePicture({ altitudeM }: Of<'altitudeM'>) {
  const theme = useTheme();
  const y = 50 - (30 * Math.min(HILL_M, Math.max(0, altitudeM))) / HILL_M;
  return (
    <Picture>
      <path d={`M4 54 L24 54 L36 ${y} H50 L60 54`} fill={theme.well} />
      <path d="M4 56 q5 -3 10 0 t10 0 t10 0 t10 0 t10 0" stroke={theme.know} />
      <path d={`M38 ${y} v-7 l5 -4 l5 4 v7`} fill={theme.panel} stroke={theme.accent} />
    </Picture>
  );
}

/** Pairs of hands, by the heads that go with them. */
export function CooksPicture({ cooks }: Of<'cooks'>) {
  const shown = Math.min(6, Math.max(1, cooks));
  const size = shown > 3 ? 18 : 21;
  return (
    <Picture>
      {Array.from({ length: shown }, (_, i) => {
        const inRow = Math.min(3, shown - 3 * Math.floor(i / 3));
        const x = 32 + size * ((i % 3) - (inRow - 1) / 2);
        const y = shown > 3 ? 18 + 30 * Math.floor(i / 3) : 32;
        return (
          <path
            key={i}
            d={`M${x - 6} ${y - 4} q0 -7 6 -7 q6 0 6 7 M${x - 4} ${y - 4} a4 4 0 0 0 8 0 Z M${x - 8} ${y + 12} q0 -9 8 -9 q8 0 8 9`}
          />
        );
      })}
    </Picture>
  );
}
