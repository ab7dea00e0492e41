import { createListenerMiddleware } from '@reduxjs/toolkit';

/** What follows from an action beyond the state is registered on this in `effects.ts`. */
export const listener = createListenerMiddleware();
