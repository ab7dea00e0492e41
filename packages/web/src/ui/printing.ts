import { DEFAULT_KITCHEN } from '@ember-fold/core/plan';
import { createContext, useContext } from 'react';
import { makePrinter, type Printer } from '../text/printer';

/** How figures are printed in this kitchen: fields and drawings anywhere below take it from here. */
export const Printing = createContext<Printer>(makePrinter(DEFAULT_KITCHEN));

export function usePrinter(): Printer {
  return useContext(Printing);
}
