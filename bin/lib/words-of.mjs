/** Where the screens' words come from in a build of one language; tsconfig.json says the same of English. */
export const wordsOf = (language) => ({
  '@words': new URL(`../../resources/js/language/${language}`, import.meta.url).pathname,
});
