import type { BatchDraft, Kitchen } from '@ember-fold/core';
import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { api, problemOf } from '../../data/api';
import { useKitchen } from '../../data/useLine';
import type { Printer } from '../../text/printer';
import { type BatchSource, NEW_BATCH as T, SOURCE_NAME } from '../../text/recipePhrases';
import { Choice } from '../../ui/controls/Choice';
import { Page, PageTitle, TitleRow } from '../../ui/controls/Page';
import { Soft } from '../../ui/controls/Panel';
import { FromBefore, FromFreezer } from './FromBefore';
import { FromKept } from './FromKept';
import { FromPaper } from './FromPaper';
import { FromStarter } from './FromStarter';

/** What each way to a new batch is given. */
export interface NewBatchProps {
  readonly kitchen: Kitchen;
  readonly printer: Printer;
  /** @returns whether it was made; the page is then on its plan */
  readonly make: (draft: BatchDraft) => Promise<boolean>;
  readonly isBusy: boolean;
  readonly problem: string | null;
}

const isSource = (value: string | null): value is BatchSource => value !== null && value in SOURCE_NAME;

/** A new batch begins with what is there: a recipe, formulas, an earlier evening, the freezer, or a starter. */
export function NewBatchPage() {
  const navigate = useNavigate();
  const known = useKitchen();
  const [params, setParams] = useSearchParams();
  const asked = params.get('from');
  const from = isSource(asked) ? asked : 'paper';
  const [makeFrom, making] = api.useMakeBatchFromMutation();
  // One id for one page: pressing twice, or again after a lost answer, makes one batch.
  const [id] = useState(() => crypto.randomUUID());
  if (!known) return null;
  const make = async (draft: BatchDraft) => {
    const result = await makeFrom({ id, draft });
    if (!('data' in result) || !result.data) return false;
    await navigate(`/bench/${result.data.id}/fold`);
    return true;
  };
  const props: NewBatchProps = {
    ...{ kitchen: known.kitchen, printer: known.printer, make, isBusy: making.isLoading },
    problem: making.error ? problemOf(making.error).message : null,
  };
  return (
    <Page>
      <PageTitle of={[T.title]} />
      <TitleRow>
        <h1>{T.title}</h1>
        <Soft as="span">{T.begin}</Soft>
      </TitleRow>
      <div style={{ marginBottom: 12 }}>
        <Choice<BatchSource>
          label={T.from}
          hideLabel
          value={from}
          options={SOURCE_NAME}
          onChange={(source) => setParams({ from: source }, { replace: true })}
        />
      </div>
      {from === 'paper' && <FromPaper {...props} />}
      {from === 'kept' && <FromKept {...props} />}
      {from === 'before' && <FromBefore />}
      {from === 'freezer' && <FromFreezer />}
      {from === 'starter' && <FromStarter {...props} />}
    </Page>
  );
}
