import { FRY as T } from '#text/bench/fry/fryPhrases';
import { useEdit } from '../../data/draft/useEdit';
import { type Line, useKitchen } from '../../data/draft/useLine';
import { Pick } from '../../ui/controls/choice/Pick';
import { potText } from '#text/stove/stoveWords';

const OWN = '';

/** Which of the kitchen's pots the batch is fried in: everything after follows that pot, its burner and its oil. */
export function PotChoice({ line }: { readonly line: Line }) {
  const edit = useEdit();
  const whole = useKitchen()?.kitchen;
  const { otherPots = [] } = line.kitchen;
  if (otherPots.length === 0 || !whole) return null;
  const options = Object.fromEntries([
    [OWN, T.onTheBurner(potText(null, whole.pot.diameterM))],
    ...otherPots.map(({ name }) => [name, name]),
  ]) as Record<string, string>;
  return (
    <Pick<string>
      label={T.friedIn}
      value={line.kitchen.potName ?? OWN}
      options={options}
      onChange={(name) =>
        edit('fry.pot', (d) => {
          const { pot: _before, ...fry } = d.fry;
          return { ...d, fry: name === OWN ? fry : { ...fry, pot: name } };
        })
      }
    />
  );
}
