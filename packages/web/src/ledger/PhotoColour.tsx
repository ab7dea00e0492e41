import type { SeenColour, TrayLooks } from '@ember-fold/core/ledger';
import type { TrayMark } from '@ember-fold/core/plan';
import type { CrustRead } from '@ember-fold/core/stove';
import { Camera } from 'lucide-react';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { styled } from 'styled-components';
import { problemOf } from '../data/api/api';
import { PictureTooLarge, type TakenPicture, takePicture } from '../data/device/picture';
import { recordApi } from '../data/api/recordApi';
import { plain } from '../text/printer';
import { FAULT, PHOTO as T, seenColourText } from '#text/ledger/photoPhrases';
import { Button } from '../ui/controls/button/Button';
import { Problem, Soft } from '../ui/layout/Panel';
import { readPicture } from '../workers/crustClient';

const Frame = styled.div`
  position: relative;
  max-width: 320px;
  margin-top: 8px;
  img {
    display: block;
    width: 100%;
    border-radius: 8px;
  }
  span {
    position: absolute;
    padding: 0 4px;
    border: 2px solid ${({ theme }) => theme.know};
    border-radius: 6px;
    font-size: 13px;
    color: #fff;
    text-shadow: 0 0 3px #000;
  }
`;

interface PhotoColourProps {
  readonly recordId: string;
  readonly mark: TrayMark;
  readonly hasPhoto: boolean;
  readonly seen: SeenColour | null;
  readonly onSeen: (looks: Pick<TrayLooks, 'crust' | 'photo'>) => void;
}

type Shown =
  | { readonly state: 'reading' }
  | { readonly state: 'failed' | 'too-large' }
  | { readonly state: 'shown'; readonly picture: TakenPicture; readonly read: CrustRead };

const seenOf = ({ place, palest, darkest, pieces, patchy }: Extract<CrustRead, { kind: 'read' }>): SeenColour => ({
  place,
  palest,
  darkest,
  patchy,
  pieces: pieces.length,
});

/** The colour of a tray from a photo: read in the page, shown on the picture, taken by a tap. */
export function PhotoColour({ recordId, mark, hasPhoto, seen, onSeen }: PhotoColourProps) {
  const [shown, setShown] = useState<Shown | null>(null);
  const [save, { error }] = recordApi.useSavePhotoMutation();
  const [remove] = recordApi.useDeletePhotoMutation();
  const take = async (file: File | undefined) => {
    if (!file) return;
    setShown({ state: 'reading' });
    try {
      const picture = await takePicture(file);
      const { width, height, data } = picture;
      setShown({ state: 'shown', picture, read: await readPicture({ width, height, data }) });
    } catch (cause) {
      setShown({ state: cause instanceof PictureTooLarge ? 'too-large' : 'failed' });
    }
  };
  const keep = (read: Extract<CrustRead, { kind: 'read' }>, jpeg: string) => {
    onSeen({ crust: Math.round(100 * read.place) / 100, photo: seenOf(read) });
    void save({ id: recordId, mark, jpeg });
    setShown(null);
  };
  return (
    <div style={{ marginTop: 8 }}>
      <FileTrigger
        acceptedFileTypes={['image/*']}
        defaultCamera="environment"
        onSelect={(list) => void take(list?.[0])}
      >
        <Button $look="quiet" style={{ padding: 0 }}>
          <Camera size={16} aria-hidden />
          {hasPhoto ? T.again : T.take}
        </Button>
      </FileTrigger>
      <Soft>{seen ? seenColourText(seen) : T.how}</Soft>
      <div role="status">
        {shown?.state === 'reading' && <Soft>{T.reading}</Soft>}
        {shown?.state === 'too-large' && <Problem>{T.tooLarge}</Problem>}
        {shown?.state === 'failed' && <Problem>{T.noPicture}</Problem>}
        {shown?.state === 'shown' && shown.read.kind === 'refused' && <Problem>{FAULT[shown.read.why]}</Problem>}
        {shown?.state === 'shown' && shown.read.kind === 'read' && <p>{seenColourText(seenOf(shown.read))}</p>}
      </div>
      {shown?.state === 'shown' && <Found picture={shown.picture} read={shown.read} onKeep={keep} />}
      {hasPhoto && shown === null && (
        <Frame>
          <img src={`/api/ledger/${recordId}/photos/${mark}?${seen?.place ?? ''}`} alt={T.kept} loading="lazy" />
          <Button $look="quiet" style={{ padding: 0 }} onPress={() => void remove({ id: recordId, mark })}>
            {T.remove}
          </Button>
        </Frame>
      )}
      {error && <Problem>{problemOf(error).message}</Problem>}
    </div>
  );
}

interface FoundProps {
  readonly picture: TakenPicture;
  readonly read: CrustRead;
  readonly onKeep: (read: Extract<CrustRead, { kind: 'read' }>, jpeg: string) => void;
}

/** The picture, with each piece that was found and its place on the ramp. */
function Found({ picture, read, onKeep }: FoundProps) {
  const share = (of: number) => `${100 * of}%`;
  return (
    <>
      <Frame>
        <img src={picture.address} alt={T.picture} />
        {read.kind === 'read' &&
          read.pieces.map(({ left, top, width, height, place }, i) => (
            <span key={i} style={{ left: share(left), top: share(top), width: share(width), height: share(height) }}>
              {plain(place, 1)}
            </span>
          ))}
      </Frame>
      {read.kind === 'read' && (
        <Button $look="primary" style={{ marginTop: 8 }} onPress={() => onKeep(read, picture.jpeg)}>
          {T.use}
        </Button>
      )}
    </>
  );
}
