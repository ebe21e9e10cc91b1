import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

export default ts.config(
    { ignores: ['public', 'vendor', 'var', 'node_modules', 'web/src/api/schema.ts', 'web/src/api/defaults.ts'] },
    ...ts.configs.strictTypeChecked,
    hooks.configs.flat.recommended,
    {
        languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
        rules: {
            '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
            '@typescript-eslint/no-empty-function': 'off',
            '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
            '@typescript-eslint/only-throw-error': 'error',
        },
    },
    { files: ['**/*.mjs'], extends: [ts.configs.disableTypeChecked] },
);
