/// <reference types="vite/client" />
import 'styled-components';
import type { Theme } from './ui/theme';

declare module 'styled-components' {
  // eslint-disable-next-line @typescript-eslint/no-empty-object-type
  export interface DefaultTheme extends Theme {}
}
