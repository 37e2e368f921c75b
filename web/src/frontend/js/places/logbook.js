import Alpine from '../alpine.js';
import { beadPhoto } from '../components/bead-photo.js';
import { logbook, logged } from '../components/logbook.js';

Alpine.data('logbook', logbook);
Alpine.data('logged', logged);
Alpine.data('beadPhoto', beadPhoto);
