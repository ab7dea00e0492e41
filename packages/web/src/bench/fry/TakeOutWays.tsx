import type { TakeOutWay } from '@ember-fold/core/plan';
import { useEffect, useState } from 'react';
import { useEdit } from '../../data/draft/useEdit';
import type { Line } from '../../data/draft/useLine';
import { FRY as T } from '#text/bench/fry/fryPhrases';
import { TAKE_OUT_WAY_NAME, takeOutWayText } from '#text/bench/fry/takeOutText';
import { Button } from '../../ui/controls/button/Button';
import { PanelTitle, Soft } from '../../ui/layout/Panel';
import { WayList } from '../../ui/controls/list/WayList';
import { takeOutWaysLatest } from '../../workers/planClient';

/**
 * Where no moment to take pieces out is right for enough of them: what would make one, each with what it leads to, a
 * tap away. Where some are right and nothing helps, it says nothing.
 */
export function TakeOutWays({ line, right }: { readonly line: Line; readonly right: number }) {
  const edit = useEdit();
  const { draft, kitchen, printer } = line;
  const [ways, setWays] = useState<readonly TakeOutWay[] | 'failed' | null>(null);
  useEffect(() => {
    let isHere = true;
    takeOutWaysLatest(draft, kitchen, right).then(
      (found) => isHere && found && setWays(found),
      () => isHere && setWays('failed'),
    );
    return () => {
      isHere = false;
    };
  }, [draft, kitchen, right]);
  if (ways === null) return right > 0 ? null : <Soft role="status">{T.lookingForWays}</Soft>;
  if (ways === 'failed' || ways.length === 0) return right > 0 ? null : <p>{T.noSingleWay}</p>;
  return (
    <>
      <PanelTitle as="h3">{T.waysOut}</PanelTitle>
      <WayList aria-label={T.waysOut}>
        {ways.map((way) => (
          <li key={way.id}>
            <div>
              <strong>{TAKE_OUT_WAY_NAME[way.id]}</strong>
              <Soft>{takeOutWayText(way, printer)}</Soft>
            </div>
            <Button
              aria-label={T.takeWay(TAKE_OUT_WAY_NAME[way.id])}
              onPress={() => edit('fry.way', (now) => ({ ...now, fold: way.draft.fold, fry: way.draft.fry }))}
            >
              {T.take}
            </Button>
          </li>
        ))}
      </WayList>
    </>
  );
}
