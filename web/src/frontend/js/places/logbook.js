import Alpine from '../alpine.js';
import { logbook, logged } from '../components/logbook.js';

Alpine.data('logbook', logbook);
Alpine.data('logged', logged);
