import { STORE as T } from '#text/store/storePhrases';
import { baseFormulaId } from '@ember-fold/core/ledger';
import {
  findIngredients,
  type FoundIngredient,
  type Ingredient,
  type IngredientRole,
  searchIngredients,
} from '@ember-fold/core/plan';
import { Plus } from 'lucide-react';
import { memo, useDeferredValue, useMemo, useState } from 'react';
import { NavLink, useNavigate, useParams } from 'react-router';
import { storeApi } from '../data/api/storeApi';
import { newIngredientId } from '../data/api/takeOn';
import { useKitchen, usePantry } from '../data/draft/useLine';
import { Button } from '../ui/controls/button/Button';
import { FilterField } from '../ui/controls/field/FilterField';
import { Panel, Soft } from '../ui/layout/Panel';
import { Pick } from '../ui/controls/choice/Pick';
import type { Printer } from '../text/printer';
import { LATER } from '#text/shared/laterPhrases';
import { ROLE_NAME } from '#text/store/storeWords';
import { IngredientDetail } from './IngredientDetail';
import { ListAndDetail, Rows, useOpened } from './ListAndDetail';

type Shown = 'all' | 'own' | IngredientRole;
const SHOWN: Record<Shown, string> = { all: T.everyIngredient, own: T.addedOrChangedHere, ...ROLE_NAME };

interface RowsProps {
  readonly found: readonly FoundIngredient<Ingredient>[];
  readonly own: ReadonlySet<string>;
  readonly printer: Printer;
}

const IngredientRows = memo(function IngredientRows({ found, own, printer }: RowsProps) {
  return (
    <Rows aria-label={T.ingredients}>
      {found.map(({ ingredient: { id, name, role, pricePerKg }, calledAs }) => (
        <li key={id}>
          <NavLink to={`/store/ingredients/${id}`}>
            {LATER.calledAs(name, calledAs)}
            <small>
              {T.priceOf(
                ROLE_NAME[role],
                printer.money(pricePerKg * printer.soldBy.kg),
                printer.soldBy.name,
                own.has(id) ? ', yours' : '',
              )}
            </small>
          </NavLink>
        </li>
      ))}
    </Rows>
  );
});

function IngredientList({ own }: { readonly own: ReadonlySet<string> }) {
  const pantry = usePantry();
  const printer = useKitchen()?.printer;
  const [text, setText] = useState('');
  const [shown, setShown] = useState<Shown>('all');
  const wanted = useDeferredValue(text);
  const found = useMemo(() => {
    const isShown = ({ id, role }: Ingredient) =>
      baseFormulaId(id) === null && (shown === 'all' || (shown === 'own' ? own.has(id) : role === shown));
    return searchIngredients(wanted, pantry.all.filter(isShown));
  }, [wanted, pantry, shown, own]);
  if (!printer) return null;
  return (
    <>
      <FilterField label={T.findAnIngredient} value={text} onChange={setText} />
      <Pick<Shown> label={T.show} value={shown} options={SHOWN} onChange={setShown} />
      <Soft role="status">{T.ingredientCount(found.length)}</Soft>
      <IngredientRows found={found} own={own} printer={printer} />
    </>
  );
}

/** The shipped catalogue and what this kitchen added or changed. */
export function IngredientsPage() {
  const { id } = useParams();
  const navigate = useNavigate();
  const pantry = usePantry();
  const first = useMemo(
    () =>
      findIngredients(
        '',
        pantry.all.filter((one) => baseFormulaId(one.id) === null),
      )[0]?.id,
    [pantry],
  );
  const opened = useOpened(id, first);
  const { data } = storeApi.useIngredientsQuery();
  const own = useMemo(() => new Set(data?.rows.map((row) => row.ingredient.id)), [data]);
  return (
    <ListAndDetail
      isOpen={id !== undefined}
      backTo="/store/ingredients"
      backText={T.allIngredients}
      list={
        <>
          <Button
            $look="primary"
            style={{ width: '100%', marginBottom: 8 }}
            onPress={() => void navigate(`/store/ingredients/${newIngredientId()}`)}
          >
            <Plus size={18} aria-hidden />
            {T.addAnIngredient}
          </Button>
          <IngredientList own={own} />
        </>
      }
      detail={
        opened ? (
          <IngredientDetail key={opened} id={opened} />
        ) : (
          <Panel>
            <h2>{T.nothingIsOpen}</h2>
            <Soft>{T.chooseAnIngredientToSee}</Soft>
          </Panel>
        )
      }
    />
  );
}
