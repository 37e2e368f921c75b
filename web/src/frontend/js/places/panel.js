import Alpine from '../alpine.js';
import { panel } from '../components/panel.js';
import { follow } from '../following.js';

Alpine.data('panel', panel);
follow();
