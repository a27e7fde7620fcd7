import js from '@eslint/js';
import { defineConfig } from 'eslint/config';
import prettier from 'eslint-config-prettier';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

export default defineConfig(
    { ignores: ['vendor', 'node_modules', 'public', 'storage', 'build', 'tests/Browser/generated'] },
    js.configs.recommended,
    tseslint.configs.strictTypeChecked,
    tseslint.configs.stylisticTypeChecked,
    reactHooks.configs.flat['recommended-latest'],
    {
        languageOptions: {
            globals: { ...globals.browser, ...globals.node },
            parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
        },
        rules: {
            '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
            '@typescript-eslint/consistent-type-imports': 'error',
        },
    },
    {
        files: ['resources/js/**'],
        ignores: ['**/*.test.*'],
        rules: {
            'max-lines-per-function': ['error', { max: 80, skipComments: true }],
        },
    },
    {
        files: ['resources/js/{features,ui,lang}/**'],
        ignores: ['**/*.test.*'],
        rules: {
            // Addresses come from the names of routes.
            'no-restricted-syntax': [
                'error',
                ...['Literal[value=/^\\u002f[a-z]{2}/]', 'TemplateElement[value.raw=/^\\u002f[a-z]{2}/]'].map((selector) => ({
                    selector,
                    message: 'Take the address from route().',
                })),
            ],
            // What a component wants to focus or measure it holds by a ref of its own.
            'no-restricted-properties': [
                'error',
                ...['querySelector', 'querySelectorAll', 'getElementById'].map((property) => ({ property })),
            ],
        },
    },
    prettier,
);
