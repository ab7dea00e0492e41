import { STORE as T } from '#text/store/storePhrases';
import {
  type Composition,
  type Ingredient,
  type IngredientRole,
  CUSTOMARY_MEASURES,
  parseNumber,
  type Sold,
  type SoldUnit,
  RANGES,
} from '@ember-fold/core/plan';
import { styled } from 'styled-components';
import { useKitchen } from '../data/draft/useLine';
import { PHONE } from '../ui/theme';
import { AllergenTicks } from '../ui/controls/choice/AllergenTicks';
import { FigureField } from '../ui/controls/field/FigureField';
import { NameField } from '../ui/controls/field/NameField';
import { PanelTitle, Problem, Row } from '../ui/layout/Panel';
import { Pick } from '../ui/controls/choice/Pick';
import { TickField } from '../ui/controls/field/TickField';
import { PercentField } from '../ui/controls/field/MoreFields';
import { GramField } from '../ui/controls/field/UnitFields';
import { plain } from '../text/printer';
import { usePrinter } from '../ui/printing';
import { ROLE_NAME, UNIT_NAME } from '#text/store/storeWords';
import { DIET_NAME } from '#text/shared/words';

const Columns = styled.div`
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 0 22px;
  margin-top: 8px;
  ${PHONE} {
    grid-template-columns: minmax(0, 1fr);
  }
`;

const PARTS: Record<keyof Composition, string> = {
  water: T.water,
  fat: T.fat,
  protein: T.protein,
  starch: T.starch,
  sugar: T.sugar,
  salt: T.salt,
};
const LOOSE_NAME = T.looseByWeight;
const UNITS = {
  loose: LOOSE_NAME,
  ...Object.fromEntries(Object.entries(UNIT_NAME).map(([id, [one]]) => [id, T.byThe(one)])),
} as Record<SoldUnit | 'loose', string>;

interface IngredientFormProps {
  readonly ingredient: Ingredient;
  readonly onIngredient: (ingredient: Ingredient) => void;
}

/** What an ingredient is made of, what it costs and how it is sold. */
export function IngredientForm({ ingredient, onIngredient }: IngredientFormProps) {
  const set = (change: Partial<Ingredient>) => onIngredient({ ...ingredient, ...change });
  const { name, role, composition, allergens, diet } = ingredient;
  const sum = Object.values(composition).reduce((a, b) => a + b, 0);
  return (
    <>
      <Columns>
        <NameField label={T.name} value={name} onChange={(next) => set({ name: next })} />
        <Pick<IngredientRole>
          label={T.whatItIsFor}
          value={role}
          options={ROLE_NAME}
          onChange={(next) => set({ role: next })}
        />
        <Pick<Ingredient['diet']>
          label={T.fits}
          value={diet}
          options={DIET_NAME}
          onChange={(next) => set({ diet: next })}
        />
      </Columns>
      <Columns>
        <section>
          <PanelTitle as="h3">{T.madeOf}</PanelTitle>
          {(Object.entries(PARTS) as [keyof Composition, string][]).map(([part, label]) => (
            <Row key={part}>
              <PercentField
                label={label}
                value={composition[part]}
                {...RANGES.ingredient.share}
                onChange={(share) => set({ composition: { ...composition, [part]: share } })}
              />
            </Row>
          ))}
          {sum > 1.021 && <Problem>{T.togetherMoreThanTheWhole(plain(100 * sum))}</Problem>}
        </section>
        <section>
          <PanelTitle as="h3">{T.weightAndPrice}</PanelTitle>
          <WeightAndPrice ingredient={ingredient} onIngredient={onIngredient} />
        </section>
        <section>
          <PanelTitle as="h3">{T.asBought}</PanelTitle>
          <SoldFields sold={ingredient.sold} onSold={(sold) => set({ sold })} />
        </section>
      </Columns>
      <AllergenTicks
        label={T.containsOfTheUsualFourteen}
        value={allergens}
        onChange={(next) => set({ allergens: next })}
      />
      <NameField label={T.whereTheseFiguresComeFrom} value={ingredient.source} onChange={(source) => set({ source })} />
    </>
  );
}

/** One US cup, m³. */
const US_CUP_M3 = 1e-6 * CUSTOMARY_MEASURES.cupMl;
const byCup = (massKg: number | null): number | null => massKg && massKg / US_CUP_M3;

function WeightAndPrice({ ingredient, onIngredient }: IngredientFormProps) {
  const printer = usePrinter();
  const { soldBy } = printer;
  const isUs = printer.system === 'us';
  const { role, densityKgPerM3, pricePerKg, wholemeal, solidFat } = ingredient;
  const set = (change: Partial<Ingredient>) => onIngredient({ ...ingredient, ...change });
  return (
    <>
      <Row>
        <FigureField
          {...(isUs
            ? {
                label: T.aCupWeighs,
                print: (density) => printer.mass(density * US_CUP_M3),
                read: (text) => byCup(printer.readMass(text, 1000)),
                expected: T.expects.levelledUs,
              }
            : {
                label: T.the100MlWeighs,
                print: (density) => plain(density / 10),
                read: (text) => scaled(text.replace(/\s*g$/, ''), 10),
                unit: 'g',
                expected: T.expects.levelled,
              })}
          value={densityKgPerM3}
          {...RANGES.ingredient.densityKgPerM3}
          onChange={(density) => set({ densityKgPerM3: density })}
        />
      </Row>
      <Row>
        <FigureField
          label={T.costsAsUsed(soldBy.name)}
          value={pricePerKg}
          print={(price) => plain(price * soldBy.kg, 2)}
          read={(text) => scaled(text, 1 / soldBy.kg)}
          {...RANGES.ingredient.pricePerKg}
          expected={T.expects.price}
          onChange={(price) => set({ pricePerKg: price })}
        />
      </Row>
      {role === 'flour' && (
        <Row>
          <PercentField
            label={T.wholemeal}
            value={wholemeal}
            {...RANGES.ingredient.share}
            onChange={(share) => set({ wholemeal: share })}
          />
        </Row>
      )}
      {role === 'fat' && (
        <TickField label={T.firmAtRoomTemperature} value={solidFat} onChange={(firm) => set({ solidFat: firm })} />
      )}
      {role === 'leaven' && (
        <Row>
          <PercentField
            label={T.raisesAsInstantYeast}
            value={ingredient.asInstantYeast ?? 0}
            least={0}
            most={3}
            onChange={(share) => {
              const { asInstantYeast: _before, ...rest } = ingredient;
              onIngredient(share >= 0.01 ? { ...rest, asInstantYeast: share } : rest);
            }}
          />
        </Row>
      )}
    </>
  );
}

function scaled(text: string, factor: number): number | null {
  const value = parseNumber(text);
  return value === null ? null : value * factor;
}

/** How the shop sells it, and what is left of it in the bowl. */
function SoldFields({ sold, onSold }: { readonly sold: Sold; readonly onSold: (sold: Sold) => void }) {
  const printer = useKitchen()?.printer;
  if (!printer) return null;
  const pick = (unit: SoldUnit | 'loose') =>
    onSold(unit === 'loose' ? { ...sold, unit: null, unitKg: null } : { ...sold, unit, unitKg: sold.unitKg ?? 0.5 });
  return (
    <>
      <NameField
        label={T.theShopCallsIt}
        value={sold.as ?? ''}
        whenEmpty={T.theSame}
        onChange={(as) => onSold({ ...sold, as: as.trim() === '' ? null : as })}
      />
      <Pick<SoldUnit | 'loose'> label={T.sold} value={sold.unit ?? 'loose'} options={UNITS} onChange={pick} />
      {sold.unitKg !== null && (
        <Row>
          <GramField
            label={T.oneWeighs}
            value={sold.unitKg}
            {...RANGES.ingredient.unitKg}
            printer={printer}
            onChange={(unitKg) => onSold({ ...sold, unitKg })}
          />
        </Row>
      )}
      <Row>
        <PercentField
          label={T.inTheBowlOfWhat}
          value={sold.usedShare}
          {...RANGES.ingredient.usedShare}
          onChange={(usedShare) => onSold({ ...sold, usedShare })}
        />
      </Row>
    </>
  );
}
