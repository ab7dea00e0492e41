import '@fontsource-variable/archivo/wdth.css';
import '@fontsource-variable/atkinson-hyperlegible-next';
import { createRoot } from 'react-dom/client';
import { trimKept } from './data/offline/keptAnswers';
import { startLive } from './data/live/live';
import { watchPress } from './data/draft/press';
import { App } from './shell/App';

// After the first opening the page comes from the browser: also while the server is away.
if (import.meta.env.PROD && 'serviceWorker' in navigator)
  window.addEventListener('load', () => void navigator.serviceWorker.register('/sw.js').catch(() => undefined));

startLive();
watchPress();
void trimKept();
createRoot(document.getElementById('root')!).render(<App />);
