/// <reference types="vite/client" />
import 'styled-components';
import type { Theme } from './ui/theme';

declare module 'styled-components' {
  // oxlint-disable-next-line typescript/no-empty-object-type
  export interface DefaultTheme extends Theme {}
}
