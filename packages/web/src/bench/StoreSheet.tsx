import { BENCH_SHEETS as T } from '#text/bench/benchSheetPhrases';
import { sameFormula, storeBodyOf, withStoreFormula, type StoreFormula } from '@ember-fold/core/ledger';
import { findIngredients, type Limit } from '@ember-fold/core/plan';
import { useState } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { problemOf } from '../data/api/api';
import { storeApi } from '../data/api/storeApi';
import { useEdit } from '../data/draft/useEdit';
import type { Line } from '../data/draft/useLine';
import { Asked } from '../ui/controls/choice/Asked';
import { Button } from '../ui/controls/button/Button';
import { FilterField } from '../ui/controls/field/FilterField';
import { NameField } from '../ui/controls/field/NameField';
import { PanelTitle, Problem, Soft } from '../ui/layout/Panel';
import { Sheet } from '../ui/controls/sheet/Sheet';
import { FAMILY_WORDS } from '#text/shared/familyWords';

const List = styled.ul`
  max-height: 264px;
  overflow: auto;
  margin: 8px 0;
  li {
    display: flex;
    align-items: center;
    gap: 12px;
    min-height: 48px;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  span {
    flex: 1;
  }
`;

const Half = styled.section`
  margin-top: 14px;
  padding-top: 10px;
  border-top: 1px solid ${({ theme }) => theme.line};
`;

interface StoreSheetProps {
  readonly of: Limit['of'];
  readonly line: Line;
  readonly onClose: () => void;
}

/** Take a formula from the Store, or keep this one there. */
export function StoreSheet({ of, line, onClose }: StoreSheetProps) {
  const edit = useEdit();
  const formulas = storeApi.useFormulasQuery();
  const [text, setText] = useState('');
  const take = ({ id, version, body }: StoreFormula) => {
    edit(`${of}.store`, (draft, kitchen) => withStoreFormula(draft, body, { id, version }, kitchen));
    onClose();
  };
  return (
    <Sheet title={T.theAndTheStore(of)} isOpen onClose={onClose}>
      <PanelTitle as="h3">{T.takeOneFromTheStore}</PanelTitle>
      <Soft>{T.itIsScaledToThe}</Soft>
      <FilterField label={T.findAFormula} value={text} onChange={setText} />
      <Asked of={formulas} what={T.theStore}>
        {(all) => {
          const kept = findIngredients(
            text,
            all.filter((formula) => formula.body.kind === of && !formula.archived),
          );
          return (
            <List aria-label={T.formulas}>
              {kept.map((formula) => (
                <li key={formula.id}>
                  <span>
                    {formula.name}
                    <Soft>
                      {T.nameAndVersion(
                        formula.body.kind === 'dough' ? `${FAMILY_WORDS[formula.body.family].name}, ` : '',
                        formula.version,
                      )}
                    </Soft>
                  </span>
                  <Button aria-label={T.take(formula.name)} onPress={() => take(formula)}>
                    {T.useIt}
                  </Button>
                </li>
              ))}
              {kept.length === 0 && <Soft as="li">{T.noneByThatName}</Soft>}
            </List>
          );
        }}
      </Asked>
      <Keep of={of} line={line} formulas={formulas.data ?? []} onKept={onClose} />
    </Sheet>
  );
}

interface KeepProps extends Omit<StoreSheetProps, 'onClose'> {
  readonly formulas: readonly StoreFormula[];
  readonly onKept: () => void;
}

/** As a new version of what it came from, or under a new name. */
function Keep({ of, line, formulas, onKept }: KeepProps) {
  const edit = useEdit();
  const [make, making] = storeApi.useMakeFormulaMutation();
  const [save, saving] = storeApi.useSaveFormulaMutation();
  const [id] = useState(() => crypto.randomUUID());
  const [name, setName] = useState(`${line.draft.name}, ${of}`);
  const body = storeBodyOf(line.draft, of);
  const source = formulas.find((formula) => formula.id === line.draft[of].from?.id);
  const changed = source && !sameFormula(source.body, body);
  const keptAs = (version: number, formulaId: string) => {
    edit(`${of}.from`, (d) => ({ ...d, [of]: { ...d[of], from: { id: formulaId, version } } }));
    onKept();
  };
  const asNew = async () => {
    const result = await make({ id, name: name.trim(), body });
    if ('data' in result && result.data) keptAs(result.data.version, id);
  };
  const asVersion = async (of: StoreFormula) => {
    const result = await save({ id: of.id, edition: of.edition, name: of.name, archived: of.archived, body });
    if ('data' in result && result.data) keptAs(result.data.version, of.id);
  };
  const error = making.error ?? saving.error;
  const busy = making.isLoading || saving.isLoading;
  return (
    <Half>
      <PanelTitle as="h3">{T.keepThisOne}</PanelTitle>
      {source && (
        <Soft>
          {changed ? T.changedSinceItWasTaken : T.theSameAs}
          <Link to={`/store/formulas/${source.id}`}>{source.name}</Link>
          {T.versionEnd(source.version)}
        </Soft>
      )}
      {source && changed && (
        <Button isDisabled={busy} onPress={() => void asVersion(source)}>
          {T.keepAsVersionOf(source.version + 1, source.name)}
        </Button>
      )}
      <div style={{ display: 'flex', gap: 10, alignItems: 'end', marginTop: 8 }}>
        <NameField label={T.underANewName} value={name} onChange={setName} />
        <Button isDisabled={busy || name.trim() === ''} onPress={() => void asNew()}>
          {T.keep}
        </Button>
      </div>
      {error && <Problem>{problemOf(error).message}</Problem>}
    </Half>
  );
}
