import { Stack } from '../ui/layout/layout';
import { STORE as T } from '#text/store/storePhrases';
import { guessedIngredient, isGuessed } from '@ember-fold/core/files';
import { type Ingredient, ingredientById, isShipped, LOOSE, type Pantry } from '@ember-fold/core/plan';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { problemOf } from '../data/api/api';
import { storeApi } from '../data/api/storeApi';
import { usePantry } from '../data/draft/useLine';
import { useKept } from '../data/offline/useKept';
import { Button } from '../ui/controls/button/Button';
import { Panel, PanelTitle, Problem, Soft } from '../ui/layout/Panel';
import { Actions } from '../ui/controls/sheet/Sheet';
import { IngredientForm } from './IngredientForm';
import { UseList } from './UseList';

/** A new row: water and nothing else, to type over. */
function blank(id: string): Ingredient {
  return {
    id,
    name: T.newIngredient,
    role: 'filling',
    composition: { water: 0.8, fat: 0, protein: 0.01, starch: 0, sugar: 0, salt: 0 },
    densityKgPerM3: 600,
    sold: LOOSE,
    pricePerKg: 0,
    allergens: [],
    // Nobody has looked yet: it is never taken for vegan.
    diet: 'unknown',
    wholemeal: 0,
    solidFat: false,
    source: T.typedInHereFromIts,
  };
}

/** A new row after an edit: for as long as only its name was typed, its figures are those of the nearest kind. */
function named(now: Ingredient, next: Ingredient, pantry: Pantry): Ingredient {
  const guess = (name: string) => guessedIngredient(name, 'filling', now.id, pantry);
  const isLike = (one: Ingredient) => JSON.stringify({ ...one, name: '' }) === JSON.stringify({ ...now, name: '' });
  const isOnlyNamed = next.name !== now.name && (isLike(blank(now.id)) || isLike(guess(now.name)));
  return isOnlyNamed && next.name.trim() !== '' ? guess(next.name) : next;
}

const isIngredient = (value: unknown): value is Ingredient => {
  const of = value as Partial<Ingredient> | null;
  return typeof of?.name === 'string' && typeof of.composition?.water === 'number' && typeof of.sold === 'object';
};

/** One ingredient: shipped, changed here, or one's own; what is typed is kept until it is saved. */
export function IngredientDetail({ id }: { readonly id: string }) {
  const pantry = usePantry();
  const navigate = useNavigate();
  const { data } = storeApi.useIngredientsQuery();
  const row = data?.rows.find((one) => one.ingredient.id === id);
  const [edited, setEdited] = useKept(`ingredient.${id}`, isIngredient);
  const [save, saving] = storeApi.useSaveIngredientMutation();
  const [remove, removing] = storeApi.useDeleteIngredientMutation();
  const [asked, setAsked] = useState(false);
  const there = pantry.all.find((one) => one.id === id);
  const now = edited ?? there ?? blank(id);
  const isNew = !there;
  const keep = async () => {
    const result = await save({ ingredient: { ...now, name: now.name.trim() }, version: row?.version ?? 0 });
    if ('data' in result && result.data) setEdited(null);
  };
  const drop = async () => {
    setAsked(false);
    const result = await remove(id);
    if ('error' in result && result.error) return;
    setEdited(null);
    if (!isShipped(id)) await navigate('/store/ingredients');
  };
  const error = saving.error ?? removing.error;
  const shippedAs = isShipped(id) && row ? ingredientById(id) : null;
  return (
    <Stack $gap={14}>
      <Panel>
        <PanelTitle>{isNew ? T.newIngredient : (there?.name ?? '')}</PanelTitle>
        <Soft>
          {row ? (shippedAs ? T.shippedWithTheAppChanged : T.yourOwn) : isNew ? T.notKeptYet : T.asShippedAChangeCounts}
        </Soft>
        {isGuessed(now) && <Soft>{T.guessed(now.source)}</Soft>}
        <IngredientForm ingredient={now} onIngredient={(next) => setEdited(isNew ? named(now, next, pantry) : next)} />
        {error && <Problem>{problemOf(error).message}</Problem>}
        <Actions>
          {row && (
            <Button isDisabled={removing.isLoading} onPress={() => (asked || shippedAs ? void drop() : setAsked(true))}>
              {shippedAs ? T.backToWhatWasShipped : asked ? T.deleteItItIsUsed : T.deleteIt}
            </Button>
          )}
          {edited && <Button onPress={() => setEdited(null)}>{T.leaveItAsItWas}</Button>}
          <Button $look="primary" isDisabled={saving.isLoading || (!edited && !isNew)} onPress={() => void keep()}>
            {isNew ? T.keepThisIngredient : T.keepTheChange}
          </Button>
        </Actions>
      </Panel>
      {!isNew && <Uses id={id} />}
    </Stack>
  );
}

function Uses({ id }: { readonly id: string }) {
  return <UseList uses={storeApi.useIngredientUsesQuery(id)} nothing={T.nothingUsesIt} />;
}
