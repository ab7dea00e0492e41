import type { CrumbAnswer, Drill, FistHold } from '@ember-fold/core/stove';
import type { ReactNode } from 'react';
import { useTheme } from 'styled-components';
import { DRILL as T } from '#text/learn/drillPhrases';
import type { Printer } from '../text/printer';
import { crustColour } from '../ui/drawing/crust';

const WIDE = 400;
const OIL = '#B9822B';
const DOUGH = crustColour(0.1);

interface FourProps {
  readonly label: string;
  readonly high: number;
  /** Drawn around the middle of its quarter, on its floor. */
  readonly draw: (i: number) => ReactNode;
}

/** Four pictures side by side, each over its number. */
function Four({ label, high, draw }: FourProps) {
  const theme = useTheme();
  return (
    <svg viewBox={`0 0 ${WIDE} ${high + 26}`} width="100%" role="img" aria-label={label} style={{ maxWidth: 520 }}>
      {[0, 1, 2, 3].map((i) => (
        <g key={i} transform={`translate(${WIDE / 8 + (WIDE / 4) * i} ${high})`}>
          {draw(i)}
          <text y={20} textAnchor="middle" fontSize={14} fill={theme.ink}>
            {i + 1}
          </text>
        </g>
      ))}
    </svg>
  );
}

/** A proofed piece, cut open, with so much of its dent left. */
function Poked({ dent }: { readonly dent: number }) {
  return (
    <path
      d={`M-40 0C-40-44-24-52-9-53Q-7 ${-53 + 34 * dent} 0 ${-53 + 34 * dent}T9-53C24-52 40-44 40 0z`}
      fill={DOUGH}
      stroke="#8A6A3A"
    />
  );
}

/** A fistful of rubbed flour, let go. */
function Fistful({ hold }: { readonly hold: FistHold }) {
  const crumbs = (count: number, size: number, spread: number) =>
    Array.from({ length: count }, (_, i) => (
      <circle
        key={i}
        cx={((i * 37) % 80) * (spread / 40) - spread}
        cy={-size - ((i * 23) % 17) * (1 - Math.abs(((i * 37) % 80) - 40) / 40)}
        r={size}
        fill={DOUGH}
        stroke="#8A6A3A"
        strokeWidth={0.6}
      />
    ));
  const lump = 'M-26-4C-34-20-26-44-10-48C2-52 8-46 16-44C30-40 34-22 26-6Q10 2-26-4z';
  switch (hold) {
    case 'falls':
      return <>{crumbs(46, 2.2, 42)}</>;
    case 'crumbles':
      return (
        <>
          {crumbs(20, 4, 40)}
          <path d="M-4-4C-12-16-8-34 2-36C16-38 22-20 16-6z" fill={DOUGH} stroke="#8A6A3A" />
        </>
      );
    case 'holds':
      return (
        <>
          <path d={lump} fill={DOUGH} stroke="#8A6A3A" />
          <path
            d="M-20-18Q-6-26 10-22M-18-30Q-6-36 8-34M-14-8Q0-14 18-10"
            fill="none"
            stroke="#8A6A3A"
            strokeWidth={0.8}
          />
        </>
      );
    case 'smears':
      return (
        <>
          <path d="M-40 0Q-38-16-20-20C0-26 20-22 32-16Q42-10 40 0z" fill="#E8CE8C" stroke="#8A6A3A" />
          <path d="M-24-14Q-6-20 12-16" fill="none" stroke="#FFF8E0" strokeWidth={4} strokeLinecap="round" />
        </>
      );
    default: {
      const never: never = hold;
      return never;
    }
  }
}

/** How deep a crumb is in the oil, 0 at its face, and how hard it bubbles. */
const CRUMB_AT: Readonly<Record<CrumbAnswer, { readonly deep: number; readonly bubbles: number }>> = {
  sits: { deep: 1, bubbles: 1 },
  lazy: { deep: 0.55, bubbles: 5 },
  steady: { deep: 0.08, bubbles: 14 },
  jumps: { deep: -0.12, bubbles: 34 },
};

/** A crumb of dough in a glass of oil, a breath after it went in. */
function Crumb({ answer }: { readonly answer: CrumbAnswer }) {
  const theme = useTheme();
  const { deep, bubbles } = CRUMB_AT[answer];
  const y = 40 + 90 * deep;
  return (
    <svg viewBox="0 0 400 160" width="100%" role="img" aria-label={T.crumbOf(answer)} style={{ maxWidth: 520 }}>
      <rect x={120} y={40} width={160} height={104} fill={OIL} opacity={0.75} />
      <path d="M118 16V146H282V16" fill="none" stroke={theme.ink} strokeWidth={3} />
      {Array.from({ length: bubbles }, (_, i) => (
        <circle
          key={i}
          cx={200 + (((i * 29) % 41) - 20) * (0.5 + bubbles / 20)}
          cy={Math.max(38, y - 8 - ((i * 17) % 50) * Math.max(0.15, deep))}
          r={2 + ((i * 7) % 3)}
          fill="none"
          stroke="#FFF3D0"
          strokeWidth={1.4}
        />
      ))}
      <circle cx={200} cy={y} r={11} fill={DOUGH} stroke="#5B3B1B" />
    </svg>
  );
}

/** A ball is drawn in a box so wide, m. */
const BOX_M = 0.16;
const BAR_M = 0.05;
/** A pot is drawn so wide and so high. */
const POT = { wide: 76, high: 84 };

/** What a question shows; nothing where its words say all. */
export function DrillPicture({ of, printer }: { readonly of: Drill; readonly printer: Printer }) {
  const theme = useTheme();
  switch (of.kind) {
    case 'wanted':
      return null;
    case 'crumb':
      return <Crumb answer={of.crumb} />;
    case 'crust':
      return (
        <svg viewBox="0 0 400 96" width="100%" role="img" aria-label={T.lamp} style={{ maxWidth: 520 }}>
          {/* Lamp light is warmer than day. */}
          <rect width={400} height={96} rx={10} fill="#3A2A1C" />
          {of.options.map((colour, i) => (
            <g key={i} transform={`translate(${50 + 100 * i} 44)`}>
              <path d="M-36 18a36 36 0 0 1 72 0z" fill={crustColour(colour)} stroke="#5B3B1B" />
              <path d="M-36 18a36 36 0 0 1 72 0z" fill="#FFB45A" opacity={0.12} />
              <text y={40} textAnchor="middle" fontSize={14} fill="#F3E9DC">
                {i + 1}
              </text>
            </g>
          ))}
        </svg>
      );
    case 'full':
      return (
        <Four
          label={T.pots}
          high={POT.high + 10}
          draw={(i) => {
            const high = POT.high * of.options[i]!;
            return (
              <>
                <rect x={-POT.wide / 2} y={-high} width={POT.wide} height={high} fill={OIL} />
                <path
                  d={`M${-POT.wide / 2} ${-POT.high}V0H${POT.wide / 2}V${-POT.high}`}
                  fill="none"
                  stroke={theme.ink}
                  strokeWidth={3}
                />
              </>
            );
          }}
        />
      );
    case 'poke':
      return <Four label={T.pieces} high={70} draw={(i) => <Poked dent={of.options[i]!} />} />;
    case 'fist':
      return <Four label={T.fistfuls(of.options)} high={64} draw={(i) => <Fistful hold={of.options[i]!} />} />;
    case 'size': {
      const px = WIDE / BOX_M;
      return (
        <svg
          viewBox="0 0 400 190"
          width="100%"
          role="img"
          aria-label={T.ball(printer.length(of.ballM))}
          style={{ maxWidth: 520 }}
        >
          <circle cx={130} cy={95} r={(of.ballM * px) / 2} fill={DOUGH} stroke={theme.edge} />
          <rect x={240} y={92} width={BAR_M * px} height={6} fill={theme.ink} />
          <text x={240 + (BAR_M * px) / 2} y={120} textAnchor="middle" fontSize={14} fill={theme.ink}>
            {T.bar(printer.length(BAR_M))}
          </text>
        </svg>
      );
    }
  }
}
