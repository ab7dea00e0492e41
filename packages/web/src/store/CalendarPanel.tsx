import { problemOf } from '../data/api/api';
import { homeApi } from '../data/api/homeApi';
import { HOME as T } from '#text/store/homePhrases';
import { Button } from '../ui/controls/button/Button';
import { Panel, PanelTitle, Problem, Soft } from '../ui/layout/Panel';
import { Actions } from '../ui/controls/sheet/Sheet';

/** The address at which a phone's own calendar reads the suppers: made, made anew, taken back. */
export function CalendarPanel({ hasCalendar }: { readonly hasCalendar: boolean }) {
  const [make, made] = homeApi.useMakeCalendarMutation();
  const [remove, removed] = homeApi.useRemoveCalendarMutation();
  const error = made.error ?? removed.error;
  return (
    <Panel>
      <PanelTitle>{T.calendar}</PanelTitle>
      <p>{T.calendarSays}</p>
      {hasCalendar && made.data && (
        <div role="status" style={{ marginTop: 8 }}>
          <code style={{ overflowWrap: 'anywhere', userSelect: 'all' }}>{made.data.address}</code>
          <Soft>{T.calendarOnce}</Soft>
        </div>
      )}
      {error && <Problem>{problemOf(error).message}</Problem>}
      <Actions>
        {hasCalendar && <Button onPress={() => void remove()}>{T.calendarRemove}</Button>}
        <Button onPress={() => void make()}>{hasCalendar ? T.calendarAgain : T.calendarMake}</Button>
      </Actions>
    </Panel>
  );
}
