import { STORE as T } from '#text/store/storePhrases';
import type { FormulaBody, FormulaKind } from '@ember-fold/core/ledger';
import { type DoughFamilyId, LIMITS, WORKED_FORMULAS } from '@ember-fold/core/plan';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { problemOf } from '../data/api/api';
import { storeApi } from '../data/api/storeApi';
import { useKitchen } from '../data/draft/useLine';
import { Button } from '../ui/controls/button/Button';
import { Choice } from '../ui/controls/choice/Choice';
import { NameField } from '../ui/controls/field/NameField';
import { Problem, Soft } from '../ui/layout/Panel';
import { Pick } from '../ui/controls/choice/Pick';
import { Actions, Sheet } from '../ui/controls/sheet/Sheet';
import { KIND_NAME } from '#text/store/storeWords';
import { FAMILY_WORDS, familyNames } from '#text/shared/familyWords';

/** A dough begins as its family's worked formula; a filling or base begins empty. */
function firstBody(kind: FormulaKind, family: DoughFamilyId, reheatC: number): FormulaBody {
  switch (kind) {
    case 'dough':
      return { kind, family, lines: WORKED_FORMULAS[family] };
    case 'filling':
      return { kind, lines: [], cookToShare: 0.9, coreTargetC: reheatC };
    case 'base':
      return { kind, lines: [], cookToShare: 1 };
    default: {
      const never: never = kind;
      return never;
    }
  }
}

/** A name and a kind; the rest is typed where it is shown. */
export function NewFormula({ onClose }: { readonly onClose: () => void }) {
  const navigate = useNavigate();
  const known = useKitchen();
  const [make, making] = storeApi.useMakeFormulaMutation();
  const [id] = useState(() => crypto.randomUUID());
  const [kind, setKind] = useState<FormulaKind>('dough');
  const [family, setFamily] = useState<DoughFamilyId>('shortcrust');
  const [ownName, setOwnName] = useState<string | null>(null);
  const name = ownName ?? (kind === 'dough' ? T.dough(FAMILY_WORDS[family].name) : T.theNew(kind));
  const submit = async () => {
    const body = firstBody(kind, family, known?.kitchen.reheatC ?? LIMITS.core.reheatC);
    const result = await make({ id, name: name.trim(), body });
    if (!('data' in result && result.data)) return;
    onClose();
    await navigate(`/store/formulas/${id}`);
  };
  return (
    <Sheet title={T.newFormula} isOpen onClose={onClose}>
      <Choice<FormulaKind> label={T.whatIsIt} value={kind} options={KIND_NAME} onChange={setKind} />
      {kind === 'dough' && (
        <Pick<DoughFamilyId> label={T.family} value={family} options={familyNames()} onChange={setFamily} />
      )}
      {kind === 'base' && <Soft>{T.madeOnceSharedBySeveral}</Soft>}
      <NameField label={T.name} value={name} onChange={setOwnName} />
      {making.error && <Problem>{problemOf(making.error).message}</Problem>}
      <Actions>
        <Button onPress={onClose}>{T.notNow}</Button>
        <Button $look="primary" isDisabled={making.isLoading} onPress={() => void submit()}>
          {T.beginIt}
        </Button>
      </Actions>
    </Sheet>
  );
}
