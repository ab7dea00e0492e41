import { dropAside, retryAside, useAside } from '../data/offline/outbox';
import { saver } from '../data/draft/saves';
import { useAppSelector } from '../data/draft/store';
import { useDisk } from '../data/live/useDisk';
import { useKitchen } from '../data/draft/useLine';
import { clashText, outgoingName, savedName } from '#text/shell/clashText';
import { COPIES as T } from '#text/store/copyPhrases';
import { SHELL_TEXT } from '#text/shell/shellText';
import { Button } from '../ui/controls/button/Button';
import { Notice } from './Notice';

/** Fields that two devices have set differently: both values, and the choice. */
function Clashes() {
  const saves = useAppSelector((state) => state.saves);
  const printer = useKitchen()?.printer;
  if (!printer) return null;
  return Object.entries(saves).map(([key, { state, clashes }]) =>
    state !== 'conflict' ? null : (
      <Notice key={key} role="alert">
        <strong>{SHELL_TEXT.clash(savedName(key))}</strong>
        <ul>
          {clashes.map((clash) => {
            const { name, mine, theirs } = clashText(clash, printer);
            return <li key={clash.path.join('.')}>{SHELL_TEXT.sides(name, mine, theirs)}</li>;
          })}
        </ul>
        <Button onPress={() => saver.choose(key, 'mine')}>{SHELL_TEXT.keepMine}</Button>
        <Button onPress={() => saver.choose(key, 'theirs')}>{SHELL_TEXT.takeTheirs}</Button>
      </Notice>
    ),
  );
}

/** What the server would not take: it blocks nothing, and is not lost without a word. */
function Refused() {
  const aside = useAside();
  return aside.map(({ item, problem }) => (
    <Notice key={item.id} role="alert">
      <span>{SHELL_TEXT.refused(outgoingName(item.lane, item.body), problem.message)}</span>
      <Button onPress={() => void retryAside(item.id)}>{SHELL_TEXT.tryAgain}</Button>
      <Button $look="quiet" onPress={() => void dropAside(item.id)}>
        {SHELL_TEXT.drop}
      </Button>
    </Notice>
  ));
}

/** The disk of the records fills up: said early, and plainly once nothing new is taken. */
function Disk() {
  const disk = useDisk();
  if (disk.state === 'well') return null;
  return disk.state === 'full' ? (
    <Notice role="alert">{T.diskFull}</Notice>
  ) : (
    <Notice role="status">{T.diskLow(disk.freeBytes)}</Notice>
  );
}

/** What the cook must know or decide before it is saved. */
export function Disputes() {
  return (
    <>
      <Disk />
      <Clashes />
      <Refused />
    </>
  );
}
