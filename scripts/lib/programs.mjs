// What tests need from Debian, installed in a process of its own while packages, checks and build go on.
import { ensureChromium, ensureMariaDb } from './ensure.mjs';

ensureMariaDb();
ensureChromium();
