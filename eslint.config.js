import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/**
 * The rooms of resources/js from top to bottom; those of one storey do not use each other. A room uses those below it
 * alone, so there are no circles.
 */
const STOREYS = [
  ['workspace'],
  ['accounts', 'board', 'clients', 'gate', 'ledger', 'offer', 'roster'],
  ['sales'],
  ['guests'],
  ['setup'],
  ['hours'],
  ['ui'],
  ['words'],
  ['lib'],
  ['language'],
];

const LABELS =
  '/^(label|title|aria-label|aria-valuetext|placeholder|alt|hint|empty|add|action|broken|legend|unnamed|says)$/';
const CODES = ['BinaryExpression', 'CallExpression', 'MemberExpression'];
const SHOWN = `Literal${CODES.map((around) => `:not(${around} > Literal)`).join('')}`;
const OUTSIDE = ':not(JSXAttribute[name.name="className"] *):not(ThrowStatement *)';
const FROM_CATALOGUE = 'No sentence stands in code: it comes from lang/, by its code (docs/architecture.md).';

/** What a reader sees is said in the reader's language, so it is never written here. */
const words = {
  files: ['resources/js/**'],
  rules: {
    'no-restricted-syntax': [
      'error',
      ...[
        'JSXText[value=/[A-Za-z]/]',
        `JSXAttribute[name.name=${LABELS}] ${SHOWN}[value=/[A-Za-z]{2}/]`,
        'JSXElement > JSXExpressionContainer Literal[value=/[a-z’]{2} [a-z]/]:not(JSXAttribute *)',
        'Literal[value=/^[A-Z“][a-z’,]* [a-z].*[.?!]$/]',
        `TemplateElement[value.raw=/[a-z’]{3},? [a-z]/]${OUTSIDE}`,
      ].map((selector) => ({ selector, message: FROM_CATALOGUE })),
    ],
  },
};

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
  { ignores: ['resources/js/lib/api-types.ts', 'resources/js/language/*/'] },
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
  words,
  ...arrows,
);
