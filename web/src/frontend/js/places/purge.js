import Alpine from '../alpine.js';
import { purge } from '../components/purge.js';
import { follow } from '../following.js';

Alpine.data('purge', purge);
follow();
