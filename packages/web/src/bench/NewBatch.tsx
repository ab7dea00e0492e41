import { BENCH as T } from '../text/benchPhrases';
import { BENCH_SHEETS } from '../text/benchSheetPhrases';
import { type FormId, type StarterId, STARTERS, RANGES } from '@ember-fold/core';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { api, problemOf } from '../data/api';
import { Button } from '../ui/controls/Button';
import { FormTiles } from '../ui/controls/FormTiles';
import { MomentField } from '../ui/controls/MomentField';
import { NameField } from '../ui/controls/NameField';
import { Problem } from '../ui/controls/Panel';
import { Pick } from '../ui/controls/Pick';
import { Actions, Sheet } from '../ui/controls/Sheet';
import { CountField } from '../ui/controls/UnitFields';
import { FORM_PLURAL } from '../text/formWords';
import { STARTER_NAME } from '../text/words';

const Form = styled.form`
  display: grid;
  gap: 12px;
`;

const Two = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
  gap: 12px 18px;
  align-items: end;
`;

const FILLINGS = Object.fromEntries(STARTERS.map(({ id }) => [id, STARTER_NAME[id]])) as Record<StarterId, string>;

/** This evening, or tomorrow's when it is already late. */
function nextSupper(): string {
  const at = new Date();
  if (at.getHours() >= 13) at.setDate(at.getDate() + 1);
  at.setHours(18, 30, 0, 0);
  return at.toISOString();
}

/** Four questions; a whole plan comes back, saved. */
export function NewBatch({ onClose }: { readonly onClose: () => void }) {
  const navigate = useNavigate();
  const [make, making] = api.useMakeBatchMutation();
  // One id for one form: pressing twice, or again after a lost answer, makes one batch.
  const [id] = useState(() => crypto.randomUUID());
  const [starterId, setStarterId] = useState<StarterId>('squash-sage');
  const [form, setForm] = useState<FormId>('half-moon');
  const [pieces, setPieces] = useState(24);
  const [eatAt, setEatAt] = useState(nextSupper);
  const [ownName, setOwnName] = useState<string | null>(null);
  const name = ownName ?? `${STARTER_NAME[starterId]} ${FORM_PLURAL[form]}`;
  const submit = async () => {
    if (name.trim() === '') return;
    const result = await make({ id, name: name.trim(), form, starterId, pieces, eatAt });
    if ('data' in result && result.data) await navigate(`/bench/${result.data.id}/fold`);
  };
  return (
    <Sheet title={BENCH_SHEETS.newBatch} isOpen onClose={onClose} wide>
      <Form
        onSubmit={(event) => {
          event.preventDefault();
          void submit();
        }}
      >
        <FormTiles label={T.form} value={form} onChange={setForm} />
        <Two>
          <Pick label={BENCH_SHEETS.filling} value={starterId} options={FILLINGS} onChange={setStarterId} />
          <CountField label={BENCH_SHEETS.howMany} value={pieces} {...RANGES.draft.pieces} onChange={setPieces} />
          <MomentField label={BENCH_SHEETS.whenToEat} value={eatAt} onChange={setEatAt} />
          <NameField label={BENCH_SHEETS.name} value={name} onChange={setOwnName} />
        </Two>
        {making.error && <Problem>{problemOf(making.error).message}</Problem>}
        <Actions>
          <Button onPress={onClose}>{BENCH_SHEETS.notNow}</Button>
          <Button $look="primary" type="submit" isDisabled={making.isLoading}>
            {BENCH_SHEETS.planThisBatch}
          </Button>
        </Actions>
      </Form>
    </Sheet>
  );
}
