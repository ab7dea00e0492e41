import {
  csvText,
  type DocumentOf,
  recipeJsonLd,
  recipeMarkdown,
  type RecipeOut,
  type Table,
} from '@ember-fold/core/files';
import { Download } from 'lucide-react';
import { useState } from 'react';
import { Menu, MenuItem, MenuTrigger, Popover } from 'react-aria-components';
import { styled } from 'styled-components';
import { problemOf } from '../../../data/api/api';
import { exchangeApi } from '../../../data/api/exchangeApi';
import { fileName, saveFile } from '../../../data/device/saveFile';
import { FILES as T } from '#text/store/filePhrases';
import { Button } from './Button';
import { Problem } from '../../layout/Panel';

const List = styled(Popover)`
  min-width: 240px;
  padding: 6px;
  border-radius: 10px;
  border: 1px solid ${({ theme }) => theme.edge};
  background: ${({ theme }) => theme.panel};
  box-shadow: 0 8px 28px rgb(23 33 30 / 18%);
`;

const Item = styled(MenuItem)`
  display: flex;
  align-items: center;
  min-height: 44px;
  padding: 0 10px;
  border-radius: 8px;
  cursor: pointer;
  outline: none;
  &[data-focused] {
    background: ${({ theme }) => theme.well};
    box-shadow: inset 0 0 0 2px ${({ theme }) => theme.know};
  }
`;

interface SaveAsProps {
  readonly of: DocumentOf;
  readonly id: string;
  readonly name: string;
  /** The same in words, where it is a recipe. */
  readonly recipe?: () => RecipeOut;
  readonly readings?: () => Table;
  /** The same as a drawing. */
  readonly drawing?: () => string;
}

/** Hands one thing to the cook as a file, in the format that is chosen. */
export function SaveAs({ of, id, name, recipe, readings, drawing }: SaveAsProps) {
  const [ask] = exchangeApi.useLazyDocumentQuery();
  const [problem, setProblem] = useState<string | null>(null);
  const json = async () => {
    setProblem(null);
    const { data, error } = await ask({ of, id });
    if (data) saveFile(fileName(name, 'json'), 'application/json', `${JSON.stringify(data, null, 1)}\n`);
    else setProblem(problemOf(error).message);
  };
  const save = (key: string | number) => {
    if (key === 'json') void json();
    else if (key === 'drawing' && drawing) saveFile(fileName(name, 'svg'), 'image/svg+xml', drawing());
    else if (key === 'readings' && readings) saveFile(fileName(name, 'csv'), 'text/csv', csvText(readings()));
    else if (key === 'recipe' && recipe)
      saveFile(
        fileName(name, 'recipe.jsonld'),
        'application/ld+json',
        `${JSON.stringify(recipeJsonLd(recipe()), null, 1)}\n`,
      );
    else if (recipe) saveFile(fileName(name, 'md'), 'text/markdown', recipeMarkdown(recipe()));
  };
  return (
    <>
      {problem && <Problem>{problem}</Problem>}
      <MenuTrigger>
        <Button>
          <Download size={17} aria-hidden />
          {T.save}
        </Button>
        <List placement="bottom">
          <Menu aria-label={T.save} onAction={save}>
            <Item id="json">{T.json}</Item>
            {recipe && <Item id="recipe">{T.recipe}</Item>}
            {recipe && <Item id="markdown">{T.markdown}</Item>}
            {drawing && <Item id="drawing">{T.drawing}</Item>}
            {readings && <Item id="readings">{T.readings}</Item>}
          </Menu>
        </List>
      </MenuTrigger>
    </>
  );
}
