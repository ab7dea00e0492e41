import { type BatchDraft, marksOf, TRAY_MARKS, type TrayMark } from '@ember-fold/core/plan';
import { Plus } from 'lucide-react';
import { Link, useLocation } from 'react-router';
import { styled } from 'styled-components';
import type { Line } from '../data/draft/useLine';
import { TRAY as T, trayName } from '#text/bench/trayText';
import { TRAY_SHEET } from '#text/bench/traySheetPhrases';
import { Button } from '../ui/controls/button/Button';
import { ToneMark, toneColour } from '../ui/controls/list/Findings';
import { figureFont, FINE } from '../ui/theme';
import { useOpenTray } from './openTray';
import { addTrayLike } from './trayEdits';

const Bar = styled.nav`
  display: flex;
  align-items: center;
  gap: 4px;
  margin: -4px 0 10px;
  overflow-x: auto;
  a {
    ${figureFont}
    display: inline-flex;
    align-items: center;
    gap: 8px;
    flex: none;
    min-height: 44px;
    padding: 0 12px;
    border-radius: 10px;
    font-size: 15px;
    color: ${({ theme }) => theme.ink};
    text-decoration: none;
    background: ${({ theme }) => theme.panel};
    ${FINE} {
      min-height: 34px;
    }
  }
  a[aria-current='true'] {
    color: ${({ theme }) => theme.barInk};
    background: ${({ theme }) => theme.bar};
  }
  button {
    flex: none;
    ${FINE} {
      min-height: 34px;
    }
  }
`;

const Tone = styled.span<{ $colour: 'good' | 'lookOut' | 'stop' | 'know' }>`
  display: inline-flex;
  color: ${({ theme, $colour }) => theme[$colour]};
  [aria-current='true'] & {
    color: inherit;
  }
`;

/** The trays of a batch beside one another, and the way to one more. Nothing where there is one. */
export function TrayBar({ line }: { readonly line: Line }) {
  const { batch, draft, trays } = line;
  const { pathname } = useLocation();
  const open = useOpenTray();
  const marks = marksOf(batch);
  if (marks.length < 2) return null;
  const current = draft.mark ?? marks[0]!;
  return (
    <Bar aria-label={T.trays}>
      {marks.map((mark) => (
        <Link
          key={mark}
          to={{ pathname, search: `?tray=${mark}` }}
          aria-current={mark === current ? 'true' : undefined}
        >
          <TrayWords batch={batch} mark={mark} />
          <TrayTone tone={trays.find((one) => one.mark === mark)?.tone ?? null} />
        </Link>
      ))}
      {marks.length < TRAY_MARKS.length && (
        <Button $look="quiet" onPress={() => addTrayLike(current, open)}>
          <Plus size={16} aria-hidden />
          {TRAY_SHEET.addLike(trayName({ mark: current, ...batch.trays[current] }))}
        </Button>
      )}
    </Bar>
  );
}

function TrayWords({ batch, mark }: { readonly batch: BatchDraft; readonly mark: TrayMark }) {
  const { label, pieces, way = 'fry' } = batch.trays[mark]!;
  return (
    <span>
      <strong>{label ? `${mark} ${label}` : T.tray(mark)}</strong>
      {` · ${TRAY_SHEET.many(pieces, way)}`}
    </span>
  );
}

function TrayTone({ tone }: { readonly tone: Line['trays'][number]['tone'] | null }) {
  return (
    tone && (
      <Tone $colour={toneColour(tone)}>
        <ToneMark tone={tone} size={14} />
      </Tone>
    )
  );
}
