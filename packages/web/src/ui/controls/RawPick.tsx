import type { RawPart } from '@ember-fold/core';
import { FILLING as T } from '../../text/fillingPhrases';
import { RAW_NAME, RAW_OPEN_NAME } from '../../text/words';
import { Pick } from './Pick';

interface RawPickProps {
  readonly filling: { readonly raw?: RawPart; readonly rawUnsaid?: boolean };
  /** `null`: every part of it is cooked. */
  readonly onSay: (raw: RawPart | null) => void;
}

/** "Is every part of it already cooked?", open while the cook has not said. */
export function RawPick({ filling: { raw, rawUnsaid = false }, onSay }: RawPickProps) {
  return (
    <Pick<RawPart | 'none' | 'unsaid'>
      label={T.isEveryPartOfIt}
      value={rawUnsaid ? 'unsaid' : (raw ?? 'none')}
      options={rawUnsaid ? RAW_OPEN_NAME : RAW_NAME}
      onChange={(said) => {
        if (said !== 'unsaid') onSay(said === 'none' ? null : said);
      }}
    />
  );
}
