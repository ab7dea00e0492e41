import { type Belief, LEARNT_KINDS, type Learnt, type LearntKind, type LearntSummary } from '@ember-fold/core/ledger';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { problemOf } from '../data/api/api';
import { learntApi } from '../data/api/learntApi';
import { storeApi } from '../data/api/storeApi';
import { useKitchen } from '../data/draft/useLine';
import { LEARNT as T, LEARNT_NAME, learntOf, learntText, learntValue, seenText } from '#text/store/learntPhrases';
import type { Printer } from '../text/printer';
import { Asked } from '../ui/controls/choice/Asked';
import { Button } from '../ui/controls/button/Button';
import { Panel, PanelTitle, Problem, Soft } from '../ui/layout/Panel';
import { RangeBar } from '../ui/drawing/RangeBar';
import { figureFont } from '../ui/theme';

const Beliefs = styled.ul`
  > li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 2px 14px;
    align-items: center;
    padding: 8px 0;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  b {
    ${figureFont}
    font-size: 20px;
  }
  small {
    font-size: 14px;
    color: ${({ theme }) => theme.soft};
  }
  details {
    grid-column: 1 / -1;
    font-size: 14px;
  }
  summary {
    min-height: 32px;
    cursor: pointer;
  }
`;

const Kinds = styled.div`
  display: grid;
  gap: 8px 40px;
  align-items: start;
  grid-template-columns: repeat(auto-fit, minmax(min(420px, 100%), 1fr));
`;

/** What one belief is called in an answer of the server. */
interface Row {
  readonly kind: LearntKind;
  readonly key: string;
  /** `null`: put back to what is usual. */
  readonly belief: Belief | null;
}

const FIELD = {
  browning: 'browning',
  golden: 'golden',
  bursts: 'bursts',
  portions: 'portions',
  hands: 'hands',
  'boil-off': 'boilOff',
  fist: 'fist',
} as const satisfies Record<LearntKind, keyof Learnt>;

/** Every belief, and every one that was put back to usual, by kind. */
function rowsOf({ learnt, unlearnt }: LearntSummary, kind: LearntKind): Row[] {
  const there = learnt[FIELD[kind]];
  const found: Row[] = !there
    ? []
    : 'usual' in there
      ? [{ kind, key: '', belief: there as Belief }]
      : Object.entries(there as Record<string, Belief>).map(([key, belief]) => ({ kind, key, belief }));
  const back = unlearnt.filter((one) => one.kind === kind && !found.some(({ key }) => key === one.key));
  return [...found, ...back.map(({ key }): Row => ({ kind, key, belief: null }))];
}

/** What this kitchen's batches have taught: what is believed, how surely, from what, and the way back. */
export function LearntPage() {
  const told = learntApi.useLearntSummaryQuery(undefined, { refetchOnMountOrArgChange: true });
  const printer = useKitchen()?.printer;
  return (
    <Panel>
      <PanelTitle>{T.title}</PanelTitle>
      <Asked of={told} what={T.what}>
        {(answer) => {
          const kinds = LEARNT_KINDS.filter((kind) => rowsOf(answer, kind).length > 0);
          if (!printer) return null;
          return kinds.length === 0 ? (
            <>
              <h2>{T.nothing}</h2>
              <Soft>{T.nothingSays}</Soft>
            </>
          ) : (
            <>
              <Soft>{T.says}</Soft>
              <Kinds>
                {kinds.map((kind) => (
                  <Kind key={kind} kind={kind} told={answer} printer={printer} />
                ))}
              </Kinds>
              <Soft style={{ marginTop: 14 }}>{T.others}</Soft>
            </>
          );
        }}
      </Asked>
    </Panel>
  );
}

function Kind({
  kind,
  told,
  printer,
}: {
  readonly kind: LearntKind;
  readonly told: LearntSummary;
  readonly printer: Printer;
}) {
  const [putUsual, { error, isLoading }] = learntApi.usePutUsualMutation();
  const { data: formulas = [] } = storeApi.useFormulasQuery();
  const nameOf = (id: string) => formulas.find((one) => one.id === id)?.name;
  return (
    <section aria-label={LEARNT_NAME[kind]} style={{ marginTop: 14 }}>
      <PanelTitle as="h3">{LEARNT_NAME[kind]}</PanelTitle>
      {error && <Problem>{problemOf(error).message}</Problem>}
      <Beliefs>
        {rowsOf(told, kind).map(({ key, belief }) => {
          const seen = told.seen.filter((one) => one.kind === kind && one.key === key);
          const name = learntOf(kind, key, nameOf);
          return (
            <li key={key}>
              <span>
                {name && <>{name}: </>}
                <b>{belief ? learntValue(kind, belief.value) : T.putBack}</b>
                <br />
                {belief && (
                  <>
                    <RangeBar belief={belief} label={learntText(kind, belief)} />
                    <br />
                    <small>{learntText(kind, belief)}</small>
                  </>
                )}
              </span>
              <Button
                $look="quiet"
                isDisabled={isLoading}
                aria-label={`${belief ? T.usual : T.again}: ${[LEARNT_NAME[kind], name].filter(Boolean).join(', ')}`}
                onPress={() => void putUsual({ kind, key, isUsual: belief !== null })}
              >
                {belief ? T.usual : T.again}
              </Button>
              {seen.length > 0 && (
                <details>
                  <summary>{T.from}</summary>
                  <ul>
                    {seen.slice(0, 12).map((one, i) => (
                      <li key={`${one.batchId} ${i}`}>
                        <Link to={`/ledger/${one.batchId}`}>{seenText(one, printer)}</Link>
                      </li>
                    ))}
                  </ul>
                </details>
              )}
            </li>
          );
        })}
      </Beliefs>
    </section>
  );
}
