import { type CrustRead, type Picture, readCrust } from '@ember-fold/core/stove';
import { expose } from 'comlink';

const worker = {
  /** Colour of the pieces on a picture. */
  read(picture: Picture): CrustRead {
    return readCrust(picture);
  },
};

export type CrustWorker = typeof worker;
expose(worker);
