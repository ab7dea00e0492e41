import type { CopyRow, CopySheet, NightlyCopy } from '@ember-fold/core/files';
import { api } from './api';

/** Whole copies of the kitchen. */
export const copyApi = api.injectEndpoints({
  endpoints: (build) => ({
    copies: build.query<CopyRow[], void>({ query: () => '/copies', providesTags: ['Copies'] }),
    night: build.query<NightlyCopy, void>({ query: () => '/copies/night', providesTags: ['Copies'] }),
    copySheet: build.query<CopySheet, string>({ query: (name) => `/copies/${name}` }),
    makeCopy: build.mutation<CopyRow, void>({
      query: () => ({ url: '/copies', method: 'POST', body: {} }),
      invalidatesTags: ['Copies'],
    }),
    restoreCopy: build.mutation<{ before: string }, string>({
      query: (name) => ({ url: `/copies/${name}/restore`, method: 'POST', body: {} }),
      invalidatesTags: ['Copies'],
    }),
    giveCopy: build.mutation<CopyRow, File>({
      query: (file) => ({
        url: '/copies/given',
        method: 'POST',
        body: file,
        headers: { 'content-type': 'application/gzip' },
      }),
      invalidatesTags: ['Copies'],
    }),
  }),
});

const ASK_MS = 300;
/** The server ends shortly after its answer, and starts again on the other kitchen. */
const ENDS_MS = 800;

/** Waits until the server that knows the restored kitchen answers. */
export async function serverIsBack(): Promise<void> {
  await new Promise((resolve) => setTimeout(resolve, ENDS_MS));
  while (
    !(await fetch('/api/health').then(
      ({ ok }) => ok,
      () => false,
    ))
  )
    await new Promise((resolve) => setTimeout(resolve, ASK_MS));
}
