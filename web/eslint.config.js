import js from '@eslint/js'
import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import globals from 'globals'
import ts from 'typescript-eslint'
import vueParser from 'vue-eslint-parser'

export default ts.config(
  { ignores: ['dist', 'target', 'node_modules', 'src/api/schema.d.ts'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...vue.configs['flat/recommended'],
  {
    files: ['**/*.vue'],
    languageOptions: { parser: vueParser, parserOptions: { parser: ts.parser } },
  },
  { languageOptions: { globals: { ...globals.browser, ...globals.node } } },
  // The compiler knows every name.
  { files: ['**/*.{ts,vue}'], rules: { 'no-undef': 'off' } },
  { rules: { 'vue/multi-word-component-names': 'off', 'vue/no-v-html': 'error' } },
  prettier,
)
