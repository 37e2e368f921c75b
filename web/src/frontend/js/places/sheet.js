import Alpine from '../alpine.js';
import { phrase } from '../components/phrase.js';
import { weldMap } from '../components/weld-map.js';
import { workspace } from '../components/workspace.js';
import { follow } from '../following.js';

Alpine.data('phrase', phrase);
Alpine.data('weldMap', weldMap);
Alpine.data('workspace', workspace);
follow();
