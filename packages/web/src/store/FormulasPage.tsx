import { STORE as T } from '#text/store/storePhrases';
import type { FormulaKind, StoreFormula } from '@ember-fold/core/ledger';
import { findIngredients } from '@ember-fold/core/plan';
import { Plus } from 'lucide-react';
import { memo, useDeferredValue, useMemo, useState } from 'react';
import { NavLink, useParams } from 'react-router';
import { storeApi } from '../data/api/storeApi';
import { Asked } from '../ui/controls/choice/Asked';
import { Button } from '../ui/controls/button/Button';
import { Choice } from '../ui/controls/choice/Choice';
import { FilterField } from '../ui/controls/field/FilterField';
import { Panel, Soft } from '../ui/layout/Panel';
import { KIND_NAME } from '#text/store/storeWords';
import { FAMILY_WORDS } from '#text/shared/familyWords';
import { FormulaDetail } from './FormulaDetail';
import { ListAndDetail, Rows, useOpened } from './ListAndDetail';
import { NewFormula } from './NewFormula';

type Shown = 'all' | FormulaKind | 'archived';
const SHOWN: Record<Shown, string> = {
  all: 'all',
  dough: 'doughs',
  filling: 'fillings',
  base: 'bases',
  archived: 'archived',
};

const isShown = ({ archived, body }: StoreFormula, shown: Shown): boolean =>
  shown === 'archived' ? archived : !archived && (shown === 'all' || body.kind === shown);

const FormulaRows = memo(function FormulaRows({ formulas }: { readonly formulas: readonly StoreFormula[] }) {
  return (
    <Rows aria-label={T.formulas}>
      {formulas.map(({ id, name, body, version }) => (
        <li key={id}>
          <NavLink to={`/store/formulas/${id}`}>
            {name}
            <small>
              {T.nameAndVersion(body.kind === 'dough' ? FAMILY_WORDS[body.family].name : KIND_NAME[body.kind], version)}
            </small>
          </NavLink>
        </li>
      ))}
    </Rows>
  );
});

/** Every formula of the Store: found by name and kind, opened beside the list. */
function FormulaList({ formulas }: { readonly formulas: readonly StoreFormula[] }) {
  const [text, setText] = useState('');
  const [shown, setShown] = useState<Shown>('all');
  // Typing stays quick while a long list is narrowed.
  const wanted = useDeferredValue(text);
  const found = useMemo(
    () =>
      findIngredients(
        wanted,
        formulas.filter((formula) => isShown(formula, shown)),
      ),
    [wanted, formulas, shown],
  );
  return (
    <>
      <FilterField label={T.findAFormula} value={text} onChange={setText} />
      <Choice<Shown> label={T.show} hideLabel value={shown} options={SHOWN} onChange={setShown} />
      <Soft role="status">{T.formulaCount(found.length)}</Soft>
      <FormulaRows formulas={found} />
    </>
  );
}

/** Doughs, fillings and bases with their versions. */
export function FormulasPage() {
  const { id } = useParams();
  const formulas = storeApi.useFormulasQuery();
  const first = useMemo(
    () =>
      findIngredients(
        '',
        (formulas.data ?? []).filter((formula) => isShown(formula, 'all')),
      )[0]?.id,
    [formulas.data],
  );
  const opened = useOpened(id, first);
  const [making, setMaking] = useState(false);
  return (
    <>
      <Asked of={formulas} what={T.theStore}>
        {(all) => (
          <ListAndDetail
            isOpen={id !== undefined}
            backTo="/store/formulas"
            backText={T.allFormulas}
            list={
              <>
                <Button $look="primary" style={{ width: '100%', marginBottom: 8 }} onPress={() => setMaking(true)}>
                  <Plus size={18} aria-hidden />
                  {T.newFormula}
                </Button>
                <FormulaList formulas={all} />
              </>
            }
            detail={
              opened ? (
                <FormulaDetail key={opened} id={opened} />
              ) : (
                <Panel>
                  <h2>{all.length === 0 ? T.noFormulaIsKeptYet : T.nothingIsOpen}</h2>
                  <Soft>{all.length === 0 ? T.keepTheDoughOrFilling : T.chooseAFormulaToSee}</Soft>
                </Panel>
              )
            }
          />
        )}
      </Asked>
      {making && <NewFormula onClose={() => setMaking(false)} />}
    </>
  );
}
