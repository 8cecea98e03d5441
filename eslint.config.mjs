import next from '@next/eslint-plugin-next';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['node_modules', '.next', 'dist', 'var', 'next-env.d.ts', 'test-results', 'playwright-report'] },
  ...tseslint.configs.recommended,
  { plugins: { '@next/next': next }, rules: { ...next.configs.recommended.rules } },
  {
    files: ['src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_' }],
      'no-console': ['error', { allow: ['error'] }],
      eqeqeq: 'error',
    },
  },
  { files: ['bench/**', 'bin/**', 'scripts/**', 'src/demo/**', 'e2e/**'], rules: { 'no-console': 'off' } },
);
