import type { BatchSummary, SupperRow } from '@ember-fold/core/plan';
import { servingsOf } from '@ember-fold/core/supper';
import { Plus, X } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { putInSupper } from '../data/draft/editSupper';
import type { Printer } from '../text/printer';
import { SUPPER as S } from '#text/table/supperPhrases';
import { Button } from '../ui/controls/button/Button';
import { PanelTitle, Soft } from '../ui/layout/Panel';
import { Pick } from '../ui/controls/choice/Pick';
import { PHONE } from '../ui/theme';
import { BatchRows } from './BatchRows';
import type { Planned } from './planned';

const Head = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 8px 12px;
  margin-bottom: 8px;
  h2 {
    flex: 1;
  }
`;

const Beside = styled.div`
  display: flex;
  align-items: end;
  gap: 4px;
  padding-right: 8px;
  /* One time for all: nothing to choose, and no room of its own. */
  &[data-alone='true'] {
    position: absolute;
    top: 4px;
    right: 4px;
    padding: 0;
  }
  ${PHONE} {
    flex-direction: column;
  }
`;

interface SupperBatchesProps {
  readonly row: SupperRow;
  readonly own: readonly BatchSummary[];
  readonly list: readonly BatchSummary[];
  readonly printer: Printer;
  readonly onPlan: (id: string, planned: Planned) => void;
}

/** A supper's batches, and those it could have. */
export function SupperBatches({ row, own, list, printer, onPlan }: SupperBatchesProps) {
  const navigate = useNavigate();
  const [chosen, setChosen] = useState<string | null>(null);
  const { id } = row;
  const others = list.filter((batch) => batch.supper !== id && batch.status === 'planned');
  const add = others.some((batch) => batch.id === chosen) ? chosen : null;
  return (
    <div>
      <Head>
        <PanelTitle>{S.batches}</PanelTitle>
        {others.length > 0 && (
          <>
            <Pick
              label={S.add}
              value={add}
              options={Object.fromEntries(others.map((batch) => [batch.id, batch.name]))}
              onChange={setChosen}
            />
            <Button isDisabled={add === null} onPress={() => add !== null && void putInSupper(add, id)}>
              {S.addPick}
            </Button>
          </>
        )}
        <Button onPress={() => void navigate(`/bench/new?supper=${id}`)}>
          <Plus size={18} aria-hidden />
          {S.newBatch}
        </Button>
      </Head>
      {own.length === 0 && <Soft>{S.noBatch}</Soft>}
      <BatchRows
        batches={own}
        shows={() => true}
        onPlan={onPlan}
        beside={(batch) => (
          <Beside data-alone={isOneTime(batch, row)}>
            {batch.status !== 'done' && !isOneTime(batch, row) && (
              <ServingOf batch={batch} row={row} printer={printer} />
            )}
            {batch.status !== 'done' && (
              <Button $look="quiet" aria-label={S.takeOut(batch.name)} onPress={() => void putInSupper(batch.id, null)}>
                <X size={18} aria-hidden />
              </Button>
            )}
          </Beside>
        )}
      />
    </div>
  );
}

/** A supper with one time, and the batch is for it. */
const isOneTime = ({ eatAt }: BatchSummary, { supper: { servings } }: SupperRow): boolean =>
  servings.length === 1 && Date.parse(servings[0]!.at) === Date.parse(eatAt);

interface ServingOfProps {
  readonly batch: BatchSummary;
  readonly row: SupperRow;
  readonly printer: Printer;
}

/** For which of the supper's times a batch is. */
function ServingOf({ batch, row: { id, supper }, printer }: ServingOfProps) {
  const servings = servingsOf(supper);
  const now = servings.find(({ at }) => Date.parse(at) === Date.parse(batch.eatAt));
  const clocks = servings.map(({ id: key, at }) => [key, printer.clock(Date.parse(at))]);
  const own = now ? [] : [['own', S.ownTime(printer.clock(Date.parse(batch.eatAt)))]];
  return (
    <Pick
      label={S.eatenAt}
      value={now?.id ?? 'own'}
      options={Object.fromEntries([...clocks, ...own])}
      onChange={(key) => {
        const to = servings.find((one) => one.id === key);
        if (to) void putInSupper(batch.id, id, to.at);
      }}
    />
  );
}
