import { compareScores, compareShares, type LedgerRecord, type RecordLooks } from '@ember-fold/core/ledger';
import { trayOf, colourOnRamp } from '@ember-fold/core/plan';
import { armsText, CRUSTS, scoresText, LESSON as L, LOOK_WORD } from '#text/ledger/lessonPhrases';
import { trayName } from '#text/bench/trayText';
import { Panel, PanelTitle, Soft } from '../ui/layout/Panel';
import { crustColour } from '../ui/drawing/crust';
import { RecordTable } from './RecordTable';

/** The same scores give the same answer. */
const SEED = 1;

/** The trays of one session beside one another, with what can be told from them and what cannot. */
export function SideBySide({ record, looks }: { readonly record: LedgerRecord; readonly looks: RecordLooks }) {
  if (record.trays.length < 2) return null;
  const arms = record.trays.map(({ mark, figures }) => ({
    mark,
    figures,
    looks: looks.trays[mark] ?? {},
    name: trayName(trayOf(record.draft, mark)),
    of: figures.fried + figures.burst,
  }));
  const [first, second] = arms;
  const told =
    first && second && first.of > 0 && second.of > 0
      ? compareShares({ yes: first.figures.burst, of: first.of }, { yes: second.figures.burst, of: second.of })
      : null;
  const [liked, against] = [first?.looks.scores ?? [], second?.looks.scores ?? []];
  const scored = liked.length > 0 && against.length > 0 ? compareScores(liked, against, SEED) : null;
  return (
    <Panel aria-label={L.sideBySide}>
      <PanelTitle>{L.sideBySide}</PanelTitle>
      <RecordTable tabIndex={0} role="group" aria-label={L.sideBySide}>
        <table>
          <thead>
            <tr>
              <td />
              <th scope="col">{L.whole}</th>
              <th scope="col">{L.burst}</th>
              <th scope="col">{L.colour}</th>
              <th scope="col">{LOOK_WORD.grease.greasy}</th>
              <th scope="col">{L.likedShort}</th>
            </tr>
          </thead>
          <tbody>
            {arms.map(({ mark, name, figures, of, looks: { crust, grease, liked } }) => (
              <tr key={mark}>
                <th scope="row">{name}</th>
                <td>{figures.fried}</td>
                <td>{L.burstOf(figures.burst, of)}</td>
                <td>
                  {crust === undefined ? (
                    '–'
                  ) : (
                    <>
                      <i style={{ background: crustColour(colourOnRamp(crust)) }} aria-hidden />
                      {CRUSTS[Math.round(crust)]}
                    </>
                  )}
                </td>
                <td>{grease ? LOOK_WORD.grease[grease] : '–'}</td>
                <td>{liked ?? '–'}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </RecordTable>
      {told && first && second && (
        <p>{armsText(first.name, second.name, told, first.figures.burst + second.figures.burst)}</p>
      )}
      {scored && first && second ? (
        <p>{scoresText(first.name, second.name, scored)}</p>
      ) : (
        arms.some(({ looks: { liked: one } }) => one !== undefined) && <Soft>{L.noLiking}</Soft>
      )}
    </Panel>
  );
}
