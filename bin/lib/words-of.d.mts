export declare const wordsOf: (language: string) => Record<'@words', string>;
