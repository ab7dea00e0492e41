import { batches } from './001-batches.js';
import { flours } from './002-flours.js';
import { store } from './003-store.js';
import { devices } from './004-devices.js';
import { oils } from './005-oils.js';
import { cook } from './006-cook.js';
import { probes } from './007-probes.js';
import { warmOil } from './008-warm-oil.js';
import { storedFigures } from './009-stored-figures.js';
import { putBy } from './010-put-by.js';
import { suppers } from './011-suppers.js';
import { calendar } from './012-calendar.js';
import { looks } from './013-looks.js';
import { learnt } from './014-learnt.js';
import { tags } from './015-tags.js';
import { photos } from './016-photos.js';
import { imports } from './017-imports.js';
import { thinned } from './018-thinned.js';
import { home } from './019-home.js';
import { servers } from './020-servers.js';
import { openStoves } from './021-open-stoves.js';
import { calendarAddress } from './022-calendar-address.js';
import { standardNames } from './023-standard-names.js';
import type { Migration } from './migration.js';

export type { Migration } from './migration.js';

/** In order; the next one gets the next number and a file of its own. */
export const MIGRATIONS: readonly Migration[] = [
  batches,
  flours,
  store,
  devices,
  oils,
  cook,
  probes,
  warmOil,
  storedFigures,
  putBy,
  suppers,
  calendar,
  looks,
  learnt,
  tags,
  photos,
  imports,
  thinned,
  home,
  servers,
  openStoves,
  calendarAddress,
  standardNames,
];
