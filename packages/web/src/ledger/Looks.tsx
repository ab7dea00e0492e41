import { Row } from '../ui/layout/layout';
import { LOOKS, type LookId, type TrayLooks } from '@ember-fold/core/ledger';
import { type TrayMark, RAMP_COLOURS } from '@ember-fold/core/plan';
import { Undo2 } from 'lucide-react';
import { styled } from 'styled-components';
import { useSave } from '../data/draft/useSave';
import { CRUSTS, LESSON as L, LOOK_NAME, LOOK_WORD } from '#text/ledger/lessonPhrases';
import { TEST } from '#text/bench/testPhrases';
import { SAVE_TEXT } from '#text/shell/stationWords';
import { PanelTitle, Panel, Soft } from '../ui/layout/Panel';
import { TickField } from '../ui/controls/field/TickField';
import { crustColour } from '../ui/drawing/crust';
import { PhotoColour } from './PhotoColour';

const Asks = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  gap: 10px 22px;
  fieldset {
    min-width: 0;
    margin: 0;
    padding: 0;
    border: 0;
  }
  legend {
    padding: 0;
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
`;

const Key = styled.button`
  min-height: 44px;
  padding: 0 12px;
  border-radius: 10px;
  border: 1px solid ${({ theme }) => theme.edge};
  font: inherit;
  font-size: 15px;
  color: inherit;
  background: ${({ theme }) => theme.panel};
  cursor: pointer;
  &[aria-pressed='true'] {
    color: ${({ theme }) => theme.barInk};
    background: ${({ theme }) => theme.bar};
    border-color: ${({ theme }) => theme.bar};
  }
`;

const Crust = styled(Key)<{ $colour: string }>`
  width: 44px;
  padding: 0;
  border-radius: 22px 22px 6px 6px;
  background: ${({ $colour }) => $colour};
  &[aria-pressed='true'] {
    background: ${({ $colour }) => $colour};
    outline: 3px solid ${({ theme }) => theme.ink};
    outline-offset: 2px;
  }
`;

/** As many tasters are scored. */
const MOST_SCORES = 60;

interface LooksProps {
  readonly title: string;
  readonly looks: TrayLooks;
  /** Pieces that opened; 0: where they opened is not asked. */
  readonly burst: number;
  /** Where a picture of its pieces is kept; absent: none is taken. */
  readonly photo?: { readonly recordId: string; readonly mark: TrayMark; readonly hasPhoto: boolean };
  /** Key of what is saved. */
  readonly saved: string;
  readonly onJudge: (of: { readonly [Id in keyof TrayLooks]?: TrayLooks[Id] | undefined }) => void;
}

/** How one tray came out: one tap each, any of it left out, taken back by the same tap. */
export function Looks({ title, looks, burst, photo, saved, onJudge }: LooksProps) {
  const { state, problem } = useSave(saved);
  // A picture tells it finer than the six do.
  const place = looks.crust === undefined ? null : Math.round(looks.crust);
  const ids = (Object.keys(LOOKS) as LookId[]).filter((id) => id !== 'burst' || burst > 0);
  return (
    <Panel aria-label={title}>
      <PanelTitle>{title}</PanelTitle>
      <Soft>{L.howSays}</Soft>
      <Asks>
        <fieldset>
          <legend>{L.crust}</legend>
          <Row $gap={6} $top={4}>
            {CRUSTS.map((name, i) => (
              <Crust
                key={name}
                type="button"
                $colour={crustColour(RAMP_COLOURS[i]!)}
                aria-label={name}
                title={name}
                aria-pressed={place === i}
                onClick={() => onJudge({ crust: place === i ? undefined : i })}
              />
            ))}
          </Row>
          {photo && <PhotoColour {...photo} seen={looks.photo ?? null} onSeen={(seen) => onJudge(seen)} />}
        </fieldset>
        {ids.map((id) => (
          <fieldset key={id}>
            <legend>{LOOK_NAME[id]}</legend>
            <Row $gap={6} $top={4}>
              {LOOKS[id].map((value) => (
                <Key
                  key={value}
                  type="button"
                  aria-pressed={looks[id] === value}
                  onClick={() => onJudge({ [id]: looks[id] === value ? undefined : value })}
                >
                  {(LOOK_WORD[id] as Readonly<Record<string, string>>)[value]}
                </Key>
              ))}
            </Row>
          </fieldset>
        ))}
        <fieldset>
          <legend>{L.liked}</legend>
          <Row $gap={6} $top={4}>
            {[1, 2, 3, 4, 5].map((n) => (
              <Key
                key={n}
                type="button"
                aria-label={L.likedOf(n)}
                aria-pressed={looks.liked === n}
                onClick={() => onJudge({ liked: looks.liked === n ? undefined : n })}
              >
                {n}
              </Key>
            ))}
          </Row>
        </fieldset>
        <Scores scores={looks.scores ?? []} onScores={(scores) => onJudge({ scores })} />
        <TickField
          label={L.keep}
          value={looks.keep === true}
          onChange={(keep) => onJudge({ keep: keep || undefined })}
        />
      </Asks>
      <Soft role="status">{state === 'refused' && problem ? problem : SAVE_TEXT[state]}</Soft>
    </Panel>
  );
}

/** One tap for each taster; the last can be taken back. */
function Scores({
  scores,
  onScores,
}: {
  readonly scores: readonly number[];
  readonly onScores: (scores: readonly number[] | undefined) => void;
}) {
  const said = scores.length === 0 ? TEST.noScores : scores.join(' ');
  return (
    <fieldset>
      <legend>{`${TEST.tasters}: ${said}`}</legend>
      <Row $gap={6} $top={4}>
        {[1, 2, 3, 4, 5].map((n) => (
          <Key
            key={n}
            type="button"
            aria-label={TEST.addScore(n)}
            disabled={scores.length >= MOST_SCORES}
            onClick={() => onScores([...scores, n])}
          >
            {`+${n}`}
          </Key>
        ))}
        {scores.length > 0 && (
          <Key
            type="button"
            aria-label={TEST.lastScore}
            onClick={() => onScores(scores.length > 1 ? scores.slice(0, -1) : undefined)}
          >
            <Undo2 size={16} aria-hidden />
          </Key>
        )}
      </Row>
    </fieldset>
  );
}
