import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/**
 * The rooms of resources/js from top to bottom; those of one storey do not use each other. A room uses those below it
 * alone, so there are no circles.
 */
const STOREYS = [
  ['workspace'],
  ['accounts', 'board', 'gate', 'offer', 'roster'],
  ['setup'],
  ['hours'],
  ['ui'],
  ['words'],
  ['lib'],
];

const arrows = STOREYS.flatMap((storey, i) =>
  storey.map((room) => ({
    files: [`resources/js/${room}/**`],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: STOREYS.slice(0, i + 1)
            .flat()
            .filter((other) => other !== room)
            .map((other) => ({
              group: [`**/${other}/*`, `**/${other}`],
              message: `${room} does not use ${other}: a room uses those below it alone (eslint.config.js).`,
            })),
        },
      ],
    },
  })),
);

export default tseslint.config(
  { ignores: ['resources/js/lib/api-types.ts'] },
  ...tseslint.configs.strictTypeChecked,
  {
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    plugins: { 'react-hooks': hooks },
    rules: {
      // A name that hides another one is how copying hours once copied nothing.
      '@typescript-eslint/no-shadow': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { args: 'all', argsIgnorePattern: '^_', caughtErrors: 'none' }],
      ...hooks.configs.recommended.rules,
      '@typescript-eslint/consistent-type-assertions': ['error', { assertionStyle: 'never' }],
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { attributes: false } }],
    },
  },
  ...arrows,
);
