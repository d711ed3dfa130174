import vue from 'eslint-plugin-vue'
import tseslint from 'typescript-eslint'

export default tseslint.config(
    { ignores: ['vendor', 'public', 'var', 'storage', 'resources/js/contract', 'bootstrap'] },
    ...tseslint.configs.strict,
    ...vue.configs['flat/recommended'],
    {
        files: ['**/*.vue'],
        languageOptions: { parserOptions: { parser: tseslint.parser } },
    },
    {
        rules: {
            'vue/multi-word-component-names': 'off',
            'vue/html-indent': 'off',
            'vue/max-attributes-per-line': 'off',
            'vue/singleline-html-element-content-newline': 'off',
            'vue/html-self-closing': 'off',
            'vue/html-closing-bracket-newline': 'off',
            'vue/require-default-prop': 'off',
            'vue/multiline-html-element-content-newline': 'off',
        },
    },
    {
        // A test that meets nothing fails, which is what it is for.
        files: ['**/*.test.ts', 'resources/js/testing/*.ts'],
        rules: { '@typescript-eslint/no-non-null-assertion': 'off', '@typescript-eslint/no-empty-function': 'off' },
    },
)
