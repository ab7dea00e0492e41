import { BENCH_SHEETS as T } from '#text/bench/benchSheetPhrases';
import { sameFormula, storeBodyOf } from '@ember-fold/core/ledger';
import type { Limit } from '@ember-fold/core/plan';
import { ListChecks, Percent, Scale, Sigma, Warehouse } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { ToggleButton } from 'react-aria-components';
import { styled } from 'styled-components';
import { storeApi } from '../data/api/storeApi';
import { FINE, figureFont } from '../ui/theme';
import type { Line } from '../data/draft/useLine';
import { Button } from '../ui/controls/button/Button';
import { PanelTitle, Soft } from '../ui/layout/Panel';
import { RoundSheet } from './RoundSheet';
import { ScaleSheet } from './ScaleSheet';
import { StoreSheet } from './StoreSheet';
import { WeighSheet } from './WeighSheet';

const Head = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 12px;
  h2 {
    margin: 0;
  }
`;

const Bar = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 2px 3px;
  margin: 2px 0 4px -7px;
  button {
    ${figureFont}
    display: inline-flex;
    align-items: center;
    gap: 6px;
    min-height: 44px;
    padding: 0 7px;
    font-size: 15px;
    cursor: pointer;
    color: ${({ theme }) => theme.accentText};
    background: none;
    border: 0;
    border-radius: 8px;
  }
  button[data-selected] {
    color: ${({ theme }) => theme.barInk};
    background: ${({ theme }) => theme.bar};
  }
  ${FINE} {
    button {
      min-height: 34px;
    }
  }
`;

type Open = 'scale' | 'round' | 'weigh' | 'store';

interface FormulaToolsProps {
  readonly of: Limit['of'];
  readonly line: Line;
  readonly cost: number;
  readonly byPercent: boolean;
  readonly onByPercent: (byPercent: boolean) => void;
  readonly children?: ReactNode;
}

/** What can be done with a whole formula: scale, round, weigh out, take, keep, type in percent. */
export function FormulaTools({ of, line, cost, byPercent, onByPercent, children }: FormulaToolsProps) {
  const [open, setOpen] = useState<Open | null>(null);
  const close = () => setOpen(null);
  return (
    <>
      <Head>
        <PanelTitle>{T.formula}</PanelTitle>
        <Soft as="span">{T.ingredientsCost(line.printer.money(cost))}</Soft>
        <Origin of={of} line={line} />
      </Head>
      <Bar role="group" aria-label={T.formulaTools}>
        <Button $look="quiet" onPress={() => setOpen('store')}>
          <Warehouse size={16} aria-hidden />
          {T.takeOrKeep}
        </Button>
        <Button $look="quiet" onPress={() => setOpen('scale')}>
          <Scale size={16} aria-hidden />
          {T.scale}
        </Button>
        <Button $look="quiet" onPress={() => setOpen('round')}>
          <Sigma size={16} aria-hidden />
          {T.round}
        </Button>
        <Button $look="quiet" onPress={() => setOpen('weigh')}>
          <ListChecks size={16} aria-hidden />
          {T.weighOut}
        </Button>
        <ToggleButton isSelected={byPercent} onChange={onByPercent}>
          <Percent size={16} aria-hidden />
          {T.percent}
        </ToggleButton>
        {children}
      </Bar>
      {open === 'scale' && <ScaleSheet of={of} line={line} onClose={close} />}
      {open === 'round' && <RoundSheet of={of} line={line} onClose={close} />}
      {open === 'weigh' && <WeighSheet line={line} onClose={close} />}
      {open === 'store' && <StoreSheet of={of} line={line} onClose={close} />}
    </>
  );
}

/** Where in the Store it came from, and whether it still is that. */
function Origin({ of, line }: Pick<FormulaToolsProps, 'of' | 'line'>) {
  const { from } = line.draft[of];
  const { data } = storeApi.useFormulasQuery(undefined, { skip: !from });
  const source = from && data?.find((formula) => formula.id === from.id);
  if (!source) return null;
  const same = source.version === from.version && sameFormula(source.body, storeBodyOf(line.draft, of));
  const newer = source.version > from.version;
  return (
    <Soft as="span">
      {T.version(source.name, from.version, newer ? T.storeHasVersion(source.version) : same ? '' : T.changedHere)}
    </Soft>
  );
}
