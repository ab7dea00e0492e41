import { type BestWay, type Situation, SITUATION_KINDS, type SituationKind } from '@ember-fold/core/stove';
import { useEffect, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { useKitchen } from '../../data/draft/useLine';
import { PRACTICE as T } from '#text/learn/practicePhrases';
import { Page, PageTitle, TitleRow } from '../../ui/layout/Page';
import { Panel, Problem, Soft } from '../../ui/layout/Panel';
import { type PracticeDesk, practiceDesk } from '../../workers/practiceClient';
import { keepSession, leftSession } from './leftSession';
import { PracticeEnd } from './PracticeEnd';
import { PracticeRun } from './PracticeRun';
import type { PracticeStove } from './practiceStove';
import { PracticeBriefing, type PracticeChoices } from './PracticeBriefing';

const isKind = (asked: string): asked is SituationKind => SITUATION_KINDS.some((kind) => kind === asked);
const newSeed = () => Math.floor(Math.random() * 2 ** 31);

/** One situation to practise: told, cooked, judged. The session is in the address, so that it can be cooked again. */
export function PracticeStoveRoom() {
  const { kind = '' } = useParams();
  const [query] = useSearchParams();
  const go = useNavigate();
  const [drawn] = useState(newSeed);
  const [times, setTimes] = useState(0);
  const asked = Number(query.get('session') ?? drawn);
  const seed = Number.isSafeInteger(asked) ? asked : drawn;
  if (!isKind(kind))
    return (
      <Page>
        <PageTitle of={[T.title]} />
        <Problem>{T.unknown(kind)}</Problem>
        <Link to="/learn/practice">{T.all}</Link>
      </Page>
    );
  const { name } = T.of(kind);
  const again = (another: boolean) => {
    setTimes((before) => before + 1);
    void go(`/learn/practice/${kind}?session=${another ? newSeed() : seed}`, { replace: true });
  };
  const begun = () => void go(`/learn/practice/${kind}?session=${seed}`, { replace: true });
  return (
    <Page>
      <PageTitle of={[name, T.title]} />
      <TitleRow>
        <h1>{name}</h1>
        <Link to="/learn/practice">{T.all}</Link>
      </TitleRow>
      <Session key={`${kind} ${seed} ${times}`} kind={kind} seed={seed} onAgain={again} onBegun={begun} />
    </Page>
  );
}

interface Ready {
  readonly desk: PracticeDesk;
  readonly of: Situation;
}

/** An session as a worker laid it out, and the best way through it, looked for meanwhile. */
function useSession(kind: SituationKind, seed: number) {
  const [ready, setReady] = useState<Ready | null>(null);
  const [failed, setFailed] = useState(false);
  const [best, setBest] = useState<BestWay | null>(null);
  const [share, setShare] = useState(0);
  useEffect(() => {
    const desk = practiceDesk();
    let gone = false;
    const search = async () => {
      const of = await desk.make(kind, seed, T.name);
      if (gone) return;
      setReady({ desk, of });
      const found = await desk.best(of, (told) => !gone && setShare(told));
      if (!gone) setBest(found);
    };
    search().catch(() => !gone && setFailed(true));
    return () => {
      gone = true;
      desk.close();
    };
  }, [kind, seed]);
  return { ready, failed, best, share };
}

interface SessionProps {
  readonly kind: SituationKind;
  readonly seed: number;
  readonly onAgain: (another: boolean) => void;
  readonly onBegun: () => void;
}

function Session({ kind, seed, onAgain, onBegun }: SessionProps) {
  const printer = useKitchen()?.printer;
  const { ready, failed, best, share } = useSession(kind, seed);
  const [chosen, setChosen] = useState<PracticeChoices | null>(() => leftSession({ kind, seed })?.choices ?? null);
  const [over, setOver] = useState<PracticeStove | null>(null);
  if (failed) return <Problem>{T.failed}</Problem>;
  if (!ready || !printer)
    return (
      <Panel>
        <Soft role="status">{T.making}</Soft>
      </Panel>
    );
  const { of, desk } = ready;
  const begin = (choices: PracticeChoices) => {
    keepSession(of, null);
    setChosen(choices);
    // The session stands in the address: a reload goes on with this very one.
    onBegun();
  };
  if (!chosen) return <PracticeBriefing of={of} printer={printer} onBegin={begin} />;
  if (!over) return <PracticeRun of={of} choices={chosen} printer={printer} onOver={setOver} />;
  return (
    <PracticeEnd
      of={of}
      run={over.session()}
      whispered={chosen.whispers}
      desk={desk}
      best={best}
      share={share}
      printer={printer}
      onAgain={onAgain}
    />
  );
}
