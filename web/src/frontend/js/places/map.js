import Alpine from '../alpine.js';
import { mapPicture } from '../components/map-picture.js';
import { weldMap } from '../components/weld-map.js';

Alpine.data('weldMap', weldMap);
Alpine.data('mapPicture', mapPicture);
