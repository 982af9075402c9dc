/** The languages spoken here, the first of them what is said where another lacks a sentence; config/app.php reads the same. */
export const languages = (process.env['YARDBELL_LANGUAGES'] ?? 'en').split(',');
