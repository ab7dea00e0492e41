import { DOCUMENT_FORMAT } from '@ember-fold/core/files';
import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import { holdFile, readHeld } from '../data/device/heldFile';

const isJson = ({ name, type }: File): boolean => /\.json$/i.test(name) || type === 'application/json';
/** A pasted text that says it is a file of a kitchen; any other text is pasted as ever. */
const isDocument = (text: string): boolean =>
  text.trimStart().startsWith('{') && text.slice(0, 400).includes(`"${DOCUMENT_FORMAT}"`);

/** Where a page has no use of its own for it, a file of a kitchen that is dropped or pasted anywhere is looked at in the Store. */
export function DropIn() {
  const navigate = useNavigate();
  useEffect(() => {
    const open = () => void navigate('/store/files');
    const over = (event: DragEvent) => {
      if (event.dataTransfer?.types.includes('Files')) event.preventDefault();
    };
    const drop = (event: DragEvent) => {
      const file = [...(event.dataTransfer?.files ?? [])].find(isJson);
      if (event.defaultPrevented || !event.dataTransfer?.types.includes('Files')) return;
      // Any other file would take the place of the page.
      event.preventDefault();
      if (file) void readHeld(file).then(open);
    };
    const paste = (event: ClipboardEvent) => {
      const text = event.clipboardData?.getData('text/plain') ?? '';
      const file = [...(event.clipboardData?.files ?? [])].find(isJson);
      if (file) void readHeld(file).then(open);
      else if (isDocument(text)) {
        holdFile({ name: '', text, bytes: text.length });
        open();
      } else return;
      event.preventDefault();
    };
    document.addEventListener('dragover', over);
    document.addEventListener('drop', drop);
    document.addEventListener('paste', paste);
    return () => {
      document.removeEventListener('dragover', over);
      document.removeEventListener('drop', drop);
      document.removeEventListener('paste', paste);
    };
  }, [navigate]);
  return null;
}
