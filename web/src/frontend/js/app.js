import Alpine from '@alpinejs/csp';
import morph from '@alpinejs/morph';
import { keys } from './components/keys.js';
import { score } from './components/score.js';
import { preferences } from './components/preferences.js';
import { workspace } from './components/workspace.js';

Alpine.plugin(morph);
Alpine.data('preferences', preferences);
Alpine.data('keys', keys);
Alpine.data('workspace', workspace);
Alpine.data('score', score);
Alpine.start();
