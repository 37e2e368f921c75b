import Alpine from '../alpine.js';
import { route } from '../components/route.js';
import { follow } from '../following.js';

Alpine.data('route', route);
follow();
