import { Row } from '../../ui/layout/layout';
import type { BatchDraft, Kitchen, SupperRow } from '@ember-fold/core/plan';
import { headsOf, servingsOf, withSupper } from '@ember-fold/core/supper';
import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { api, problemOf } from '../../data/api/api';
import { nextSupper } from '../../data/draft/nextSupper';
import { useKitchen } from '../../data/draft/useLine';
import type { Printer } from '../../text/printer';
import { type BatchSource, NEW_BATCH as T, SOURCE_NAME } from '#text/bench/new/recipePhrases';
import { Choice } from '../../ui/controls/choice/Choice';
import { Pick } from '../../ui/controls/choice/Pick';
import { Page, PageTitle, TitleRow } from '../../ui/layout/Page';
import { Soft } from '../../ui/layout/Panel';
import { FromBefore, FromFreezer } from './FromBefore';
import { FromKept } from './FromKept';
import { FromPaper } from './FromPaper';
import { FromStarter } from './FromStarter';
import type { ForWhom } from './useAsk';

/** What each way to a new batch is given. */
export interface NewBatchProps {
  readonly kitchen: Kitchen;
  readonly printer: Printer;
  readonly forWhom: ForWhom;
  /** @returns whether it was made; the page is then on its plan */
  readonly make: (draft: BatchDraft) => Promise<boolean>;
  readonly isBusy: boolean;
  readonly problem: string | null;
}

const DAY_MS = 86_400_000;
const NONE = 'none';
const isSource = (value: string | null): value is BatchSource => value !== null && value in SOURCE_NAME;

/** Pieces a head where nobody says otherwise. */
const USUAL_EACH = 2;

function forWhomOf(row: SupperRow | null, { guests = [] }: Kitchen, eatAt: string): ForWhom {
  if (!row) return { heads: headsOf(guests), each: USUAL_EACH, eatAt, servings: [] };
  const servings = servingsOf(row.supper);
  return { heads: headsOf(row.supper.guests), each: row.supper.each, eatAt: servings[0]!.at, servings };
}

/** A new batch begins with what is there: a recipe, formulas, an earlier session, the freezer, or a starter. */
export function NewBatchPage() {
  const navigate = useNavigate();
  const known = useKitchen();
  const [params, setParams] = useSearchParams();
  const asked = params.get('from');
  const from = isSource(asked) ? asked : 'paper';
  const [makeFrom, making] = api.useMakeBatchFromMutation();
  // One id for one page: pressing twice, or again after a lost answer, makes one batch.
  const [id] = useState(() => crypto.randomUUID());
  const [usualAt] = useState(nextSupper);
  const suppers = (api.useSuppersQuery().data ?? []).filter(
    ({ supper }) => Date.parse(servingsOf(supper).at(-1)!.at) > Date.parse(usualAt) - DAY_MS,
  );
  const row = suppers.find((one) => one.id === params.get('supper')) ?? null;
  if (!known) return null;
  const make = async (draft: BatchDraft) => {
    // Core keeps the moment that was chosen: a batch may have a time of its own.
    const joined = withSupper(draft, row?.id ?? null, row?.supper ?? null, draft.eatAt);
    const result = await makeFrom({ id, draft: joined });
    if (!('data' in result) || !result.data) return false;
    await navigate(`/bench/${result.data.id}/fold`);
    return true;
  };
  const props: NewBatchProps = {
    forWhom: forWhomOf(row, known.kitchen, usualAt),
    kitchen: known.kitchen,
    printer: known.printer,
    make,
    isBusy: making.isLoading,
    problem: making.error ? problemOf(making.error).message : null,
  };
  return (
    <Page>
      <PageTitle of={[T.title]} />
      <TitleRow>
        <h1>{T.title}</h1>
        <Soft as="span">{T.begin}</Soft>
      </TitleRow>
      <Row $align="end" $gap="8px 18px" $bottom={12}>
        <Choice<BatchSource>
          label={T.from}
          hideLabel
          value={from}
          options={SOURCE_NAME}
          onChange={(source) => setParams({ from: source, ...(row && { supper: row.id }) }, { replace: true })}
        />
        {suppers.length > 0 && (
          <Pick
            label={T.forSupper}
            value={row?.id ?? NONE}
            options={{ [NONE]: T.noSupper, ...Object.fromEntries(suppers.map((one) => [one.id, one.supper.name])) }}
            onChange={(next) => setParams({ from, ...(next !== NONE && { supper: next }) }, { replace: true })}
          />
        )}
      </Row>
      {from === 'paper' && <FromPaper {...props} />}
      {from === 'kept' && <FromKept {...props} />}
      {from === 'before' && <FromBefore {...props} />}
      {from === 'freezer' && <FromFreezer {...props} />}
      {from === 'starter' && <FromStarter {...props} />}
    </Page>
  );
}
