// What every page has. A page's own script stands before this one and tells its components; then they are begun.
import Alpine from './alpine.js';
import { fold } from './components/fold.js';
import { keys } from './components/keys.js';
import { preferences } from './components/preferences.js';
import { search } from './components/search.js';
import { steps } from './components/steps.js';

Alpine.data('preferences', preferences);
Alpine.data('keys', keys);
Alpine.data('fold', fold);
Alpine.data('steps', steps);
Alpine.data('search', search);
Alpine.start();
