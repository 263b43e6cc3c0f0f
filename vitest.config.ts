import { defineConfig } from 'vitest/config';

// As many workers as there are cores: the default leaves one of two idle.
export default defineConfig({ test: { projects: ['core', 'web'], maxWorkers: '100%' } });
