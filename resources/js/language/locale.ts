/** The reader's language and country as the page came, "en-GB": words, dates and amounts are written in it. */
export const LOCALE = document.documentElement.lang;
