import Alpine from '../alpine.js';
import { phrase } from '../components/phrase.js';
import { workspace } from '../components/workspace.js';
import { follow } from '../following.js';

Alpine.data('phrase', phrase);
Alpine.data('workspace', workspace);
follow();
