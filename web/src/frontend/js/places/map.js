import Alpine from '../alpine.js';
import { weldMap } from '../components/weld-map.js';

Alpine.data('weldMap', weldMap);
