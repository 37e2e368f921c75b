import Alpine from '../alpine.js';
import { seamMap } from '../components/seam-map.js';

Alpine.data('seamMap', seamMap);
