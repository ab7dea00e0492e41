import type { RawPart } from '@ember-fold/core/plan';
import { FILLING as T } from '#text/bench/filling/fillingPhrases';
import { RAW_NAME, RAW_OPEN_NAME } from '#text/shared/words';
import { Pick } from './Pick';

interface RawPickProps {
  readonly filling: { readonly raw?: RawPart; readonly rawUnsaid?: boolean };
  /** `null`: every part of it is cooked. */
  readonly onSay: (raw: RawPart | null) => void;
}

/** "Is every part of it already cooked?", open while the cook has not said. */
export function RawPick({ filling: { raw, rawUnsaid = false }, onSay }: RawPickProps) {
  const say = (said: RawPart | 'none' | 'unsaid') => {
    if (said !== 'unsaid') onSay(said === 'none' ? null : said);
  };
  const label = T.isEveryPartOfIt;
  return rawUnsaid ? (
    <Pick<RawPart | 'none' | 'unsaid'> label={label} value="unsaid" options={RAW_OPEN_NAME} onChange={say} />
  ) : (
    <Pick<RawPart | 'none'> label={label} value={raw ?? 'none'} options={RAW_NAME} onChange={say} />
  );
}
