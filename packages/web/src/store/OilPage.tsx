import { styled } from 'styled-components';
import { oilApi } from '../data/api/oilApi';
import { useKitchen } from '../data/draft/useLine';
import { STORE as T } from '#text/store/storePhrases';
import { Asked } from '../ui/controls/choice/Asked';
import { Panel, PanelTitle, Soft } from '../ui/layout/Panel';
import { PHONE } from '../ui/theme';
import { NewOil } from './NewOil';
import { OilCard } from './OilCard';
import { PotPanel } from './PotPanel';

const Two = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
  gap: 14px;
  align-items: start;
  > div {
    display: grid;
    gap: 14px;
  }
  ${PHONE} {
    grid-template-columns: minmax(0, 1fr);
  }
`;

/** Kept oils with their history, and the pots they are heated in. */
export function OilPage() {
  const oils = oilApi.useOilsQuery(undefined, { refetchOnMountOrArgChange: true });
  const known = useKitchen();
  if (!known) return null;
  const { kitchen, printer } = known;
  return (
    <Two>
      <div>
        <Asked of={oils} what={T.theOils}>
          {(rows) => (
            <>
              {rows.length === 0 && (
                <Panel>
                  <PanelTitle>{T.noOilIsKeptYet}</PanelTitle>
                  <Soft>{T.addWhatIsInThe}</Soft>
                </Panel>
              )}
              {[...rows]
                .sort((a, b) => Number(b.oil.id === kitchen.potOilId) - Number(a.oil.id === kitchen.potOilId))
                .map((row) => (
                  <OilCard key={row.oil.id} row={row} isInPot={row.oil.id === kitchen.potOilId} printer={printer} />
                ))}
            </>
          )}
        </Asked>
        <NewOil printer={printer} />
      </div>
      <PotPanel />
    </Two>
  );
}
