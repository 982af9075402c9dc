// Holds the API description against the rules of the format, as an outside linter reads them.
import { createConfig, formatProblems, getTotals, lint } from '@redocly/openapi-core';

const config = await createConfig({
  extends: ['recommended'],
  rules: {
    'info-license': 'off',
    'no-server-example.com': 'off',
    'security-defined': 'off',
    'no-empty-servers': 'off',
  },
});
const problems = await lint({ ref: 'docs/api/openapi.yaml', config });
formatProblems(problems, { format: 'codeframe', totals: getTotals(problems), version: '' });
process.exit(problems.some((problem) => problem.severity === 'error') ? 1 : 0);
