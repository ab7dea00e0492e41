import { buildCore } from '../build.mjs';

/** The tests of server and web load core as it is built: it is built anew before each run, in a second. */
export default buildCore;
