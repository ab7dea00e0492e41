import { PASSPHRASE_LEAST } from '@ember-fold/core/files';
import { useState } from 'react';
import { problemOf } from '../data/api/api';
import { homeApi } from '../data/api/homeApi';
import { HOME as T } from '#text/store/homePhrases';
import { Button } from '../ui/controls/button/Button';
import { Panel, PanelTitle, Problem, Soft } from '../ui/layout/Panel';
import { SecretField } from '../ui/controls/field/SecretField';
import { Actions } from '../ui/controls/sheet/Sheet';

interface PassphrasePanelProps {
  readonly isHere: boolean;
  readonly isSet: boolean;
}

/** The passphrase by which a device comes in without a code; set on the machine itself. */
export function PassphrasePanel({ isHere, isSet }: PassphrasePanelProps) {
  const [set, { isLoading, isSuccess, error, originalArgs }] = homeApi.useSetPassphraseMutation();
  const [text, setText] = useState('');
  const send = async (passphrase: string | null) => {
    if (!('error' in (await set(passphrase)))) setText('');
  };
  return (
    <Panel>
      <PanelTitle>{T.passTitle}</PanelTitle>
      <Soft>{isSet ? T.passIs : T.passNone}</Soft>
      {isHere ? (
        <form
          onSubmit={(event) => {
            event.preventDefault();
            void send(text);
          }}
        >
          <SecretField label={T.passNew} value={text} onChange={setText} isNew says={T.passLeast(PASSPHRASE_LEAST)} />
          {error && <Problem>{problemOf(error).message}</Problem>}
          <p role="status" style={{ minHeight: 24 }}>
            {isSuccess && originalArgs !== null && text === '' ? T.passKept : ''}
          </p>
          <Actions style={{ justifyContent: 'flex-start', marginTop: 6 }}>
            <Button type="submit" isDisabled={isLoading || text.length < PASSPHRASE_LEAST}>
              {T.passSet}
            </Button>
            {isSet && (
              <Button $look="quiet" isDisabled={isLoading} onPress={() => void send(null)}>
                {T.passGone}
              </Button>
            )}
          </Actions>
        </form>
      ) : (
        <Soft>{T.passHere}</Soft>
      )}
    </Panel>
  );
}
