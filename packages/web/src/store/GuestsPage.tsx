import { headsOf } from '@ember-fold/core/supper';
import { Link } from 'react-router';
import { editKitchen } from '../data/draft/editKitchen';
import { useKitchen } from '../data/draft/useLine';
import { useSave } from '../data/draft/useSave';
import { STORE as T } from '#text/store/storePhrases';
import { GuestRows } from '../ui/controls/list/GuestRows';
import { Panel, PanelTitle, Problem, Soft } from '../ui/layout/Panel';

/** Who usually eats here: a new supper begins with them, and so does a batch that is for none. */
export function GuestsPage() {
  const known = useKitchen();
  const { problem } = useSave('kitchen');
  if (!known) return null;
  const guests = known.kitchen.guests ?? [];
  const heads = headsOf(guests);
  return (
    <Panel>
      <PanelTitle>{heads === 0 ? T.nobodyIsListedYet : T.usuallyAtTheTable(heads)}</PanelTitle>
      <Soft>
        {T.usualGuests} <Link to="/table">{T.theTable}</Link>. {T.allergiesHereDecideTheOrder}
      </Soft>
      {problem && <Problem>{problem}</Problem>}
      <GuestRows guests={guests} onGuests={(next) => editKitchen((now) => ({ ...now, guests: next }))} />
    </Panel>
  );
}
