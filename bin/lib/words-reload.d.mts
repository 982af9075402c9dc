import type { Plugin } from 'vite';

export declare const wordsReload: () => Plugin;
