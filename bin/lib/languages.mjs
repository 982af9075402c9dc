/** The languages spoken here; the first says what another lacks. config/app.php reads the same. */
export const languages = (process.env['YARDBELL_LANGUAGES'] ?? 'en').split(',');
