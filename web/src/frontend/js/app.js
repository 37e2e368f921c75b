import Alpine from '@alpinejs/csp';
import morph from '@alpinejs/morph';
import { keys } from './components/keys.js';
import { importer, machine } from './components/machine.js';
import { panel } from './components/panel.js';
import { score } from './components/score.js';
import { preferences } from './components/preferences.js';
import { workspace } from './components/workspace.js';

Alpine.plugin(morph);
Alpine.data('preferences', preferences);
Alpine.data('keys', keys);
Alpine.data('workspace', workspace);
Alpine.data('score', score);
Alpine.data('panel', panel);
Alpine.data('machine', machine);
Alpine.data('importer', importer);
Alpine.start();
